import type { BandView, CaseFile, DetailView, LookView, Place, ZoneView } from '../api/client';
import { figure, say } from '../words/say';

/** Which band of which zone. */
export interface BandAt {
  zone: number;
  band: number;
}

const STEP_CM = 0.5;

/** To the half centimetre a line on hair can be read to. */
export function snapped(cm: number): number {
  return Math.round(cm / STEP_CM) * STEP_CM;
}

export function longest(zones: ZoneView[]): number {
  return Math.max(5, ...zones.map((zone) => zone.bands.at(-1)?.toCm ?? 0));
}

export function cmWords(cm: number): string {
  return Number.isInteger(cm) ? String(cm) : figure(cm, 1);
}

/** "6½". */
export function halves(level: number): string {
  const whole = Math.floor(level);
  return level > whole ? `${whole}½` : String(whole);
}

const SPEAK_OF_GREY_FROM = 0.05;

/** Whether so much of a band is white that it has to be said beside its level. */
export function showsGrey(band: BandView): boolean {
  return band.greyShare >= SPEAK_OF_GREY_FROM;
}

/**
 * What was read on a band, in words. Where white fibres lie among the others the level read is theirs no longer, so both
 * are named.
 */
export function readingWords(band: BandView, look: LookView): string {
  return showsGrey(band)
    ? say('shared.grey', { level: halves(band.level), greyShare: Math.round(band.greyShare * 100) })
    : `${look.levelWords} ${look.tone}`;
}

/** Whatever is said of a zone's hair, it has been read then. */
function withZone(
  content: CaseFile,
  zone: number,
  change: (zone: ZoneView) => Pick<ZoneView, 'bands'>,
): CaseFile {
  return {
    ...content,
    zones: content.zones.map((z, i) => (i === zone ? { ...z, ...change(z), read: true } : z)),
  };
}

/** A zone whose hair is just as it stands there. */
export function confirmed(content: CaseFile, zone: number): CaseFile {
  return withZone(content, zone, ({ bands }) => ({ bands }));
}

export function withBand(content: CaseFile, at: BandAt, change: Partial<BandView>): CaseFile {
  return withZone(content, at.zone, (zone) => ({
    ...zone,
    bands: zone.bands.map((b, i) => (i === at.band ? { ...b, ...change } : b)),
  }));
}

/**
 * Moves the lower edge of a band; the next band begins there. The last edge is the strand's end. Nothing is checked: what
 * cannot be is for the server to say.
 */
export function withEdge(content: CaseFile, at: BandAt, cm: number): CaseFile {
  const moved = withZone(content, at.zone, (zone) => ({
    bands: zone.bands.map((b, i) =>
      i === at.band ? { ...b, toCm: cm } : i === at.band + 1 ? { ...b, fromCm: cm } : b,
    ),
  }));
  // How long hair is does not tell how it looks.
  return { ...moved, zones: moved.zones.map((z, i) => ({ ...z, read: content.zones[i]?.read ?? z.read })) };
}

/** How far an edge can be dragged without pushing a band together. */
export function edgeBounds(
  zone: ZoneView,
  band: number,
  shortest: number,
  longestCm: number,
): [number, number] {
  const above = zone.bands[band];
  const below = zone.bands[band + 1];
  return [(above?.fromCm ?? 0) + shortest, below ? below.toCm - shortest : longestCm];
}

/** Cuts a band in the middle; both halves keep its reading. */
export function splitBand(content: CaseFile, at: BandAt): CaseFile {
  return withZone(content, at.zone, (zone) => ({
    ...zone,
    bands: zone.bands.flatMap((b, i) => {
      if (i !== at.band) {
        return [b];
      }
      const middle = snapped((b.fromCm + b.toCm) / 2);
      return [
        { ...b, toCm: middle },
        { ...b, fromCm: middle },
      ];
    }),
  }));
}

/** Takes a band away; the one above it, or else the one below, grows into its place. */
export function joinBand(content: CaseFile, at: BandAt): CaseFile {
  return withZone(content, at.zone, (zone) => {
    const gone = zone.bands[at.band];
    if (!gone || zone.bands.length < 2) {
      return zone;
    }
    return {
      ...zone,
      bands: zone.bands
        .map((b, i) =>
          i === at.band - 1
            ? { ...b, toCm: gone.toCm }
            : at.band === 0 && i === 1
              ? { ...b, fromCm: gone.fromCm }
              : b,
        )
        .filter((_, i) => i !== at.band),
    };
  });
}

/** What is known of a band of which nothing more was read. */
export const NO_DETAIL: DetailView = {
  stretch: 'NOT_TRIED',
  density: 'AS_HEAD',
  thickness: 'AS_HEAD',
  layers: 0,
  underFrom: 1,
  underTo: 12,
  second: [],
  measured: [],
};

export function withDetail(content: CaseFile, at: BandAt, change: Partial<DetailView>): CaseFile {
  const band = content.zones[at.zone]?.bands[at.band];
  return band ? withBand(content, at, { detail: { ...band.detail, ...change } }) : content;
}

/** What the eye reads replaces what was measured before. */
export function readByEye(band: BandView, change: Partial<BandView>): Partial<BandView> {
  return { ...change, detail: { ...(change.detail ?? band.detail), measured: [] } };
}

/** A border this near to the place that was pressed is meant. */
const MEANT_CM = 1;

/**
 * Lays a reading from the nearest line above down to where the strand was pressed; what lies below stays as it was. Pressed
 * at the ends, or near a line that is there, it fills the whole band.
 */
export function layBand(content: CaseFile, zone: number, cm: number, reading: Partial<BandView>): CaseFile {
  return withZone(content, zone, (one) => {
    const length = one.bands.at(-1)?.toCm ?? 0;
    const near = one.bands.map(({ toCm }) => toCm).find((to) => Math.abs(to - cm) <= MEANT_CM);
    const to = near ?? Math.min(length, Math.max(0.5, snapped(cm)));
    return {
      ...one,
      bands: one.bands.flatMap((b) => {
        if (b.toCm < to - 1e-6 || b.fromCm >= to - 1e-6) {
          return [b];
        }
        const laid = { ...b, ...reading, toCm: to, detail: { ...b.detail, second: [], measured: [] } };
        return b.toCm > to + 1e-6 ? [laid, { ...b, fromCm: to }] : [laid];
      }),
    };
  });
}

export function withStrand(content: CaseFile, zone: number, bands: BandView[]): CaseFile {
  return withZone(content, zone, (one) => ({ ...one, bands }));
}

/** A zone as its left and right half; both keep its bands. */
export function splitZone(content: CaseFile, zone: number, halves: Place[]): CaseFile {
  return {
    ...content,
    zones: content.zones.flatMap((one, i) =>
      i === zone ? halves.map((place) => ({ ...one, place })) : [one],
    ),
  };
}

/** Two halves as one zone with the bands of the one in hand. */
export function mergeZone(content: CaseFile, zone: number, whole: Place, other: Place): CaseFile {
  return {
    ...content,
    zones: content.zones.flatMap((one, i) =>
      i === zone ? [{ ...one, place: whole }] : one.place === other ? [] : [one],
    ),
  };
}

/** A section of its own for fragile hair at the hairline, begun with the bands of another zone. */
export function addHairline(content: CaseFile, like: number): CaseFile {
  const source = content.zones[like];
  return source
    ? {
        ...content,
        zones: [
          ...content.zones,
          {
            ...source,
            place: 'HAIRLINE',
            bands: source.bands.map((b) => ({ ...b, detail: { ...b.detail, thickness: 'FINE' } })),
          },
        ],
      }
    : content;
}

/** Lays one zone's bands on other zones. */
export function copyBands(content: CaseFile, from: number, to: Place[]): CaseFile {
  const source = content.zones[from];
  return source
    ? {
        ...content,
        zones: content.zones.map((z) =>
          to.includes(z.place) ? { ...z, bands: source.bands, read: true } : z,
        ),
      }
    : content;
}

export function addZone(content: CaseFile, place: Place): CaseFile {
  const like = content.zones.at(-1);
  return like ? { ...content, zones: [...content.zones, { ...like, place, read: false }] } : content;
}

export function removeZone(content: CaseFile, zone: number): CaseFile {
  return { ...content, zones: content.zones.filter((_, i) => i !== zone) };
}
