import { existsSync } from 'node:fs';
import { extname, join } from 'node:path';
import compression from 'compression';
import express, { type Express } from 'express';
import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import { batchRoutes } from './batches/routes';
import { calendarRoutes } from './calendar/routes';
import { caseRoutes } from './cases/routes';
import type { Context } from './context';
import { gardenFileRoutes } from './copies/files';
import { copyRoutes } from './copies/routes';
import { spoiltIn } from './db/readable';
import { clockRoutes } from './demo/routes';
import { gardenRoutes } from './garden/routes';
import { houseRoutes } from './house/routes';
import { watchDoor } from './http/door';
import { ROOT_PATH } from './household/announce';
import { letOnlyDevicesIn } from './household/guard';
import type { Household } from './household/household';
import { doorRoutes } from './household/routes';
import { HttpProblem, problemHandler } from './http/problem';
import { remembering } from './http/remember';
import { lookRoutes } from './looks/routes';
import { photoRoutes } from './photos/routes';
import { placeRoutes } from './places/routes';
import { plantingRoutes } from './plantings/routes';
import { ownSheetRoutes } from './sheets/own-routes';
import { sheetRoutes } from './sheets/routes';
import { printRoutes } from './print/routes';
import { seasonRoutes } from './season/routes';
import { shedRoutes } from './shed/routes';
import { sprayerRoutes } from './sprayers/routes';
import { todayRoutes } from './today/routes';
import { treatmentRoutes } from './treatments/routes';
import { VERSION } from './version';
import { walkRoutes } from './walks/routes';
import { weatherRoutes } from './weather/routes';

export interface AppOptions {
  /** Folder of the exported app; without it only the API is served. */
  readonly webDir?: string;
  /** Who may come in from beyond this machine; without it nobody may. */
  readonly household?: Household;
  /** Address with encryption, for devices on the network. */
  readonly secureUrl?: () => string | null;
  /** PEM of the certificate that devices are told to trust. */
  readonly root?: string;
  /** Requests a minute from one address. */
  readonly requestsPerMinute?: number;
  /** Whether the server is on its way down. */
  readonly stopping?: () => boolean;
}

/** What the app's own pages may ask the device for, and nobody's else: where it is, its tilt, the light kept on, a picture. */
const PERMISSIONS = [
  ...['geolocation', 'accelerometer', 'gyroscope', 'screen-wake-lock', 'camera'].map((f) => `${f}=(self)`),
  ...['microphone', 'payment', 'usb', 'bluetooth', 'serial', 'midi', 'browsing-topics'].map((f) => `${f}=()`),
].join(', ');

/** The whole HTTP application, not yet listening. */
export function createApp(context: Context, options: AppOptions = {}): Express {
  const app = express();
  app.disable('x-powered-by');
  // answers of the API are never stored, so nothing would ask by tag; the app's files have their own
  app.set('etag', false);
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'"],
          connectSrc: ["'self'"],
          imgSrc: ["'self'", 'data:'],
          fontSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
          // react-native-web writes its styles into the page
          styleSrc: ["'self'", "'unsafe-inline'"],
        },
      },
      // served over plain HTTP on the loopback: a browser must not be told to insist on HTTPS
      strictTransportSecurity: false,
    }),
  );
  app.use((_req, res, next) => {
    res.set('Permissions-Policy', PERMISSIONS);
    // going down: whoever has a line open is told not to come back on it
    if (options.stopping?.()) res.set('Connection', 'close');
    next();
  });
  // before anything is counted: a page of somebody else must not use up the household's requests
  app.use(watchDoor({ household: options.household !== undefined, log: context.log }));
  app.use('/api/v1', api(context, options));
  const { root } = options;
  if (root)
    app.get(ROOT_PATH, (_req, res) => void res.set('Cache-Control', 'no-store').type('application/x-x509-ca-cert').attachment('household.crt').send(root));
  if (options.webDir && existsSync(join(options.webDir, 'index.html'))) serveWeb(app, options.webDir);
  app.use(problemHandler(context.log));
  return app;
}

function api(context: Context, { requestsPerMinute = 3000, household, secureUrl }: AppOptions) {
  const router = express.Router();
  router.use((_req, res, next) => {
    res.set('Cache-Control', 'no-store');
    next();
  });
  router.use(
    rateLimit({
      windowMs: 60_000,
      limit: requestsPerMinute,
      standardHeaders: true,
      legacyHeaders: false,
      handler: (_req, _res, next) => next(new HttpProblem(429, 'Too many requests', 'Wait a minute, then try again.')),
    }),
  );
  // before anything is read of what was sent
  if (household) router.use(letOnlyDevicesIn(household));
  router.use(remembering(context));
  // before the JSON reader: pictures and whole gardens are no JSON
  router.use(photoRoutes(context));
  router.use(gardenFileRoutes(context));
  // a file of sheets is larger than any other body, and its own reader says so in words when it is too large
  router.use('/sheets/file', express.json({ limit: '5mb' }));
  router.use('/sheets/rates', express.json({ limit: '5mb' }));
  router.use(express.json({ limit: '256kb' }));
  router.get(
    '/health',
    (_req, res) =>
      void res.json({ status: 'ok', version: VERSION, now: context.clock.now().toISOString(), demo: context.demo, unreadable: spoiltIn(context.db).list() }),
  );
  router.get('/openapi.json', async (_req, res) => void res.json((await import('./openapi')).openApiDocument));
  router.use(doorRoutes({ household: household ?? null, secureUrl: secureUrl ?? (() => null), log: context.log }));
  for (const routes of [
    clockRoutes,
    gardenRoutes,
    plantingRoutes,
    sprayerRoutes,
    shedRoutes,
    batchRoutes,
    printRoutes,
    lookRoutes,
    walkRoutes,
    caseRoutes,
    treatmentRoutes,
    sheetRoutes,
    ownSheetRoutes,
    weatherRoutes,
    seasonRoutes,
    calendarRoutes,
    placeRoutes,
    todayRoutes,
    copyRoutes,
    houseRoutes,
  ]) {
    router.use(routes(context));
  }
  router.use((_req, _res, next) => next(new HttpProblem(404, 'Not found', 'There is no such address in the API.')));
  return router;
}

/** Hashed files for ever, pages always asked for again; a path without an ending is a page of the app. */
function serveWeb(app: Express, dir: string): void {
  // the app's files are large and the same for everyone; answers of the API are small and squeezing them costs more than it saves
  app.use(compression());
  app.use(
    express.static(dir, {
      index: false,
      setHeaders: (res, path) => void res.set('Cache-Control', /\/_expo\/|\/assets\//.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache'),
    }),
  );
  app.get('/{*path}', (req, res, next) => {
    if (extname(req.path)) return next(new HttpProblem(404, 'Not found'));
    res.set('Cache-Control', 'no-cache').sendFile('index.html', { root: dir });
  });
}
