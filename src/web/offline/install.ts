/** What a browser offers where it can put a page among the device's own programs; not every one does. */
interface InstallOffer extends Event {
  prompt(): Promise<{ outcome: 'accepted' | 'dismissed' }>;
}

let offer: InstallOffer | undefined;
const listeners = new Set<() => void>();
const tell = (now: InstallOffer | undefined) => {
  offer = now;
  for (const listener of listeners) listener();
};

/** The browser's offer to put Zelk on the device's own screen. */
export const install = {
  /** Listens for it, from the start: it is made once. */
  listen: (): void => {
    window.addEventListener('beforeinstallprompt', (event) => {
      event.preventDefault();
      tell(event as InstallOffer);
    });
    window.addEventListener('appinstalled', () => tell(undefined));
  },
  isOffered: (): boolean => offer !== undefined,
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
  /** Takes it up; the browser asks the person itself. An offer is good once. */
  take: async (): Promise<void> => {
    const taken = offer;
    tell(undefined);
    await taken?.prompt();
  },
};

/** Opened from the device's own screen already. */
export const isInstalled = (): boolean => matchMedia('(display-mode: standalone)').matches;
