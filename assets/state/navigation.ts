type Options = { params?: Readonly<Record<string, string>>; replace?: boolean };
type Router = {
  navigate: (path: string, options?: Options) => Promise<unknown>;
  route: { readonly pathname: string; readonly params: Readonly<Record<string, string | undefined>> };
};
let router: Router | null = null;

/** The router knows every page; pages cannot import it without a circle, so it is given here at the start. */
export function steerBy(given: Router): void {
  router = given;
}

/** Goes to a page: navigate('/rigs/:rig/patch', { params: { rig } }). */
export async function navigate(path: string, options?: Options): Promise<void> {
  await router?.navigate(path, options);
}

/** The address of a page, for links. */
export function p(path: string, { params = {} }: Options = {}): string {
  return path.replaceAll(/:(\w+)/g, (_, name: string) => encodeURIComponent(params[name] ?? ''));
}

/** Where the window is. */
export const route = {
  get pathname(): string {
    return router?.route.pathname ?? location.pathname;
  },
  get params(): Readonly<Record<string, string | undefined>> {
    return router?.route.params ?? {};
  },
};
