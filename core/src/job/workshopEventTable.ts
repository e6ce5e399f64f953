import { driverKept } from './workshopEvents/driverKept.ts';
import { instrumentAdded } from './workshopEvents/instrumentAdded.ts';
import { materialAdded } from './workshopEvents/materialAdded.ts';
import { orderCancelled } from './workshopEvents/orderCancelled.ts';
import { personAdded } from './workshopEvents/personAdded.ts';
import { pressRated } from './workshopEvents/pressRated.ts';
import { pressToolRemoved } from './workshopEvents/pressToolRemoved.ts';
import { rodKept } from './workshopEvents/rodKept.ts';
import { sizeOrdered } from './workshopEvents/sizeOrdered.ts';
import { sizeReceived } from './workshopEvents/sizeReceived.ts';
import { sizeStocked } from './workshopEvents/sizeStocked.ts';
import { templateRemoved } from './workshopEvents/templateRemoved.ts';
import { templateSaved } from './workshopEvents/templateSaved.ts';
import { spacerKept } from './workshopEvents/spacerKept.ts';
import { torqueToolAdded } from './workshopEvents/torqueToolAdded.ts';
import { workshopNamed } from './workshopEvents/workshopNamed.ts';
import { workshopUndone } from './workshopEvents/workshopUndone.ts';

/** What can happen in the workshop: a row for each kind of event. */
export const WORKSHOP_EVENTS = {
  WorkshopNamed: workshopNamed,
  SizeStocked: sizeStocked,
  SizeOrdered: sizeOrdered,
  SizeReceived: sizeReceived,
  OrderCancelled: orderCancelled,
  InstrumentAdded: instrumentAdded,
  TemplateSaved: templateSaved,
  TemplateRemoved: templateRemoved,
  MaterialAdded: materialAdded,
  TorqueToolAdded: torqueToolAdded,
  PressRated: pressRated,
  DriverKept: driverKept,
  RodKept: rodKept,
  SpacerKept: spacerKept,
  PressToolRemoved: pressToolRemoved,
  PersonAdded: personAdded,
  Undone: workshopUndone,
};
