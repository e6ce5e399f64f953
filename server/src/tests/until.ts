/** Wait until something is so. @throws Error when it is not within ten seconds */
export async function until(isSo: () => boolean | Promise<boolean>): Promise<void> {
  for (let tries = 0; tries < 400; tries += 1) {
    if (await isSo()) return;
    await new Promise((resolve) => setTimeout(resolve, 25));
  }
  throw new Error('it never came to be so');
}
