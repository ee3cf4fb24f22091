/**
 * Who wrote a command, in words: its person and device. Null where it was written at the
 * household's own table: a person is named by a device that was let in, the table says nobody's
 * name.
 */
export function writerText(command: {
  person: string | null;
  device: string | null;
}): string | null {
  return command.person ? `${command.person}, ${command.device}` : null;
}
