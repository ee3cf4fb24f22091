/**
 * Lets others have their turn before a long piece of work goes on: its turns stay short, and a tap
 * elsewhere is answered in between.
 */
export const breathe = (): Promise<void> => new Promise((done) => setImmediate(done));
