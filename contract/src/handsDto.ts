import { IsIn, IsUUID } from 'class-validator';

import { HAND_ACTIONS, type HandAction } from '@wendaxis/core/simulate';

/** What the practice hands are told to do, and on which job. */
export class HandsDto {
  @IsIn(HAND_ACTIONS, { message: `must be one of ${HAND_ACTIONS.join(', ')}` })
  action!: HandAction;

  @IsUUID(undefined, { message: 'must be the UUID of a job' })
  jobId!: string;
}
