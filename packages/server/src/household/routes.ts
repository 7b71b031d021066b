import { Router, type Request } from 'express';
import { knockSchema, passcodeChangeSchema, type Door, type Pairing } from '@sleetbrook/core/api';
import type { Logger } from 'pino';
import { HttpProblem, invalid, notFound, parse } from '../http/problem';
import { codeFor } from '../print/code';
import { deviceOf, giveToken, guesses } from './guard';
import type { Household } from './household';

export interface DoorOptions {
  /** Null where only this machine may come in. */
  readonly household: Household | null;
  /** Address with encryption, for devices on the network. */
  readonly secureUrl: () => string | null;
  readonly log: Logger;
}

/** Knocking, devices, and words to let in one more. */
export function doorRoutes({ household, secureUrl, log }: DoorOptions): Router {
  const guess = guesses(log);
  const say = (req: Request, isIn: boolean): Door => ({
    guarded: household !== null,
    in: isIn,
    encrypted: req.secure,
    better: req.secure ? null : secureUrl(),
    passcodeIsOurs: household?.passcodeIsOurs ?? false,
  });
  const router = Router().get('/door', (req, res) => void res.json(say(req, household === null || deviceOf(household, req) !== undefined)));
  // without a passcode there is nobody to be let in, and nobody to turn away
  const guarded = (): Household => {
    if (!household) throw new HttpProblem(403, 'Not here', 'Only this machine can open the garden. For a phone, start it with npm start -- --household.');
    return household;
  };
  const ofOwn = (of: Household) => {
    if (!of.passcodeIsOurs) throw new HttpProblem(403, 'Not here', 'The passcode is set where the server is started, as SLEETBROOK_PASSCODE: change it there.');
  };

  return router
    .post('/door', async (req, res) => {
      const of = guarded();
      const { secret, name } = parse(knockSchema, req.body);
      const giveBack = await guess(req, res);
      const token = await of.letIn(secret, name);
      if (token === null) {
        log.warn({ from: req.ip }, 'wrong passcode');
        throw invalid('secret', 'Neither the passcode nor the words of the moment. Words serve once, and for ten minutes.');
      }
      await giveBack();
      log.info({ from: req.ip, name }, 'a device was let in');
      giveToken(req, res, token);
      res.json(say(req, true));
    })
    .delete('/door', (req, res) => {
      const device = deviceOf(guarded(), req);
      if (device) guarded().turnAway(device.id);
      giveToken(req, res, null);
      res.status(204).end();
    })
    .put('/door/passcode', async (req, res) => {
      const of = guarded();
      ofOwn(of);
      const change = parse(passcodeChangeSchema, req.body);
      const name = deviceOf(of, req)?.name ?? 'This device';
      const giveBack = await guess(req, res);
      await of.change(change);
      await giveBack();
      log.info({ from: req.ip }, 'the passcode was changed: every device was turned away');
      // who changed it stays in
      giveToken(req, res, await of.letIn(change.next, name));
      res.status(204).end();
    })
    .get('/devices', (req, res) => void res.json(household ? household.devices(deviceOf(household, req)?.id ?? null) : []))
    .delete('/devices/:id', (req, res) => {
      if (!guarded().turnAway(req.params.id)) throw notFound('device');
      log.info({ from: req.ip }, 'a device was turned away');
      res.status(204).end();
    })
    .post('/devices/words', (req, res) => {
      const { words, until } = guarded().pair();
      const base = secureUrl() ?? `${req.protocol}://${req.headers.host ?? ''}`;
      // behind a # it is never sent, so it stands in no log
      const url = `${base}/door#${words.split(' ').join('-')}`;
      const pairing: Pairing = { words, until: until.toISOString(), url, ...codeFor(url) };
      res.status(201).json(pairing);
    });
}
