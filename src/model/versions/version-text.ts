/**
 * A recipe, build or rig with its version, as it is called.
 *
 * @example versionText({ name: 'Reed perch', version: 3 }) // 'Reed perch 3'
 */
export function versionText({ name, version }: { readonly name: string; readonly version: number }): string {
  return `${name} ${version}`;
}
