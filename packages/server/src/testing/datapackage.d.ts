/** The reader of data packages that the tests hold the archive against; it ships no types. */
declare module 'datapackage' {
  interface Resource {
    read: (options: { keyed: true }) => Promise<Record<string, unknown>[]>;
  }
  interface Package {
    valid: boolean;
    errors: Error[];
    getResource: (name: string) => Resource;
  }
  const datapackage: {
    Package: { load: (descriptor: object, options: { basePath: string }) => Promise<Package> };
  };
  export default datapackage;
}
