import { freshLap, type Garden, type Planting, type RunningClock } from '@sleetbrook/core/api';
import { ladder } from '@sleetbrook/core/decide';
import { instant, STARTER_KITS } from '@sleetbrook/core/measure';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react-native';
import type { ReactElement } from 'react';
import { situation } from '../../core/test/situation';
import { LadderList, sayOpening } from '../src/screens/decide/ladder-list';
import { AgainScreen } from '../src/screens/cases/again-screen';
import { PlantingEdit } from '../src/screens/garden/planting-edit';
import { ClockBand } from '../src/screens/time/clock-band';
import { WeatherMark } from '../src/screens/time/weather-mark';
import { TodayScreen } from '../src/screens/today/today-screen';
import { useReach } from '../src/reach/reach';
import { Pick } from '../src/ui/pick';

const NOW = '2026-05-24T18:10:00.000Z';
const now = instant(Date.parse(NOW));
const ZONE = 'Europe/London';
const id = (n: number) => `0197a000-0000-7000-8000-${String(n).padStart(12, '0')}`;

const mockRouter = { navigate: jest.fn(), replace: jest.fn() };
jest.mock('expo-router', () => ({ useRouter: () => mockRouter, usePathname: () => '/' }));

const garden: Garden = {
  revision: 1,
  name: 'Larkfold',
  town: '',
  latitude: 55.2,
  longitude: -1.9,
  zone: ZONE,
  country: 'GB',
  region: '',
  units: 'metric',
  policy: 'any-labelled',
  around: [],
  homeMade: 'not-known',
  plans: [],
  away: [],
  emergencyNumber: '999',
  poisonCentre: '',
  measures: [...STARTER_KITS.metric],
  setUp: true,
};
const beans: Planting = {
  id: id(1),
  revision: 1,
  name: 'Broad beans',
  hostId: 'broad-bean',
  place: 'Terrace',
  site: 'outdoors',
  stage: 'flowering',
  edible: true,
  dense: true,
  tolerance: 'usual',
  heightM: null,
  trunkCm: null,
  about: [],
  noFlowerOn: null,
  stageOn: null,
  areaM2: 20,
  pickFrom: null,
  pickUntil: null,
};
const clock: RunningClock = {
  treatmentId: id(4),
  plantingId: beans.id,
  plantingName: 'Broad beans',
  place: 'Terrace',
  enclosed: false,
  controlName: 'Soap spray',
  caseId: null,
  from: '2026-05-24T17:10:00.000Z',
  until: '2026-05-24T20:10:00.000Z',
};
const openCase = {
  id: id(2),
  revision: 3,
  plantingId: beans.id,
  troubleId: 'black-bean-aphid',
  confidence: 0.9,
  lookId: id(3),
  stageSeen: null,
  openedAt: NOW,
  status: 'open' as const,
  closedAt: null,
  laps: [{ ...freshLap(), controlId: 'pinch-tips', decidedAt: NOW, treatmentId: id(4), lookAgainOn: '2026-05-27' }],
};
const firstLook = { id: id(3), plantingId: beans.id, caseId: id(2), at: NOW, answers: [], count: { affected: 9, looked: 20 }, note: '' };

/** The server as these screens see it; what is sent is kept. */
function serve(answers: Record<string, unknown>) {
  const sent: { method: string; path: string; body: unknown }[] = [];
  globalThis.fetch = jest.fn(async (url: string, init?: { method?: string; body?: string }) => {
    const path = String(url).replace('/api/v1', '');
    const method = init?.method ?? 'GET';
    if (method !== 'GET') sent.push({ method, path, body: init?.body ? JSON.parse(init.body) : null });
    const answer = method === 'GET' ? answers[path.split('?')[0] ?? ''] : (answers[`${method} ${path.split('/')[1]}`] ?? JSON.parse(init?.body ?? '{}'));
    const refused = answer === undefined || (typeof answer === 'object' && answer !== null && 'status' in answer && typeof answer.status === 'number');
    return { ok: !refused, status: refused ? ((answer as { status?: number })?.status ?? 404) : 200, json: async () => answer ?? {} } as Response;
  }) as unknown as typeof fetch;
  return sent;
}

let client: QueryClient;
const show = (element: ReactElement) => {
  client = new QueryClient({ defaultOptions: { queries: { retry: false, gcTime: 0 }, mutations: { gcTime: 0 } } });
  return render(<QueryClientProvider client={client}>{element}</QueryClientProvider>);
};
afterEach(() => {
  useReach.setState({ entries: [], away: false, why: null });
  client?.clear();
  jest.clearAllMocks();
});

describe('the ladder', () => {
  const verdicts = ladder(situation({ planting: { stage: 'flowering', dense: true, pickFrom: '2026-06-13' } }));

  const decided = {
    verdicts,
    advice: null,
    changes: [],
    opened: [],
    sooner: [],
    order: [],
    guard: [],
    course: null,
    stages: [],
    stagesSeen: [],
    schools: [],
    along: {},
    ahead: [],
  };
  const plan = (onChoose = jest.fn()) => ({ caseId: id(2), onlyLooking: null, along: [], mayGoAlong: [], onChoose, onAlong: jest.fn() });

  test('says now, the time, or never; what never suits stands folded', () => {
    render(<LadderList deciding={decided} chosen={null} now={now} zone={ZONE} plan={plan()} />);
    expect(screen.getAllByText('Now').length).toBeGreaterThan(0);
    expect(screen.queryByText('Jet of water')).toBeNull();
    fireEvent.press(screen.getByText(/^Never here: /));
    expect(screen.getByText('Plants stand too close: the jet moves them next door.')).toBeTruthy();
    const soap = verdicts.find((v) => v.control.id === 'soap-spray');
    expect(soap && sayOpening(soap, now, ZONE)).toMatch(/^2[01]:\d\d$/);
  });

  test('a control opens with reasons and source, and is chosen from there', () => {
    const choose = jest.fn();
    render(<LadderList deciding={decided} chosen={null} now={now} zone={ZONE} plan={plan(choose)} />);
    fireEvent.press(screen.getByText('Soap spray'));
    expect(screen.getAllByText('Bees are on the flowers.').length).toBeGreaterThan(0);
    expect(screen.getByText(/10 to 20 ml per litre/)).toBeTruthy();
    fireEvent.press(screen.getByText('Plan it: soap spray'));
    expect(choose).toHaveBeenCalledWith('soap-spray');
  });

  test('what is never here can not be chosen', () => {
    render(<LadderList deciding={decided} chosen={null} now={now} zone={ZONE} plan={plan()} />);
    fireEvent.press(screen.getByText(/^Never here: /));
    fireEvent.press(screen.getByText('Jet of water'));
    expect(screen.getAllByText('Never here').length).toBeGreaterThan(0);
    expect(screen.queryByText(/^Plan it/)).toBeNull();
  });
});

describe('clocks', () => {
  test('keep-out says who, until when and how long', () => {
    render(<ClockBand clock={clock} kind="keep-out" now={now} zone={ZONE} />);
    for (const text of ['Keep out: Broad beans', 'to 21:10', '2 h to go']) expect(screen.getByText(text)).toBeTruthy();
  });
  test('not to eat says the day where it is another', () => {
    render(<ClockBand clock={{ ...clock, until: '2026-05-28T17:40:00.000Z' }} kind="picking" now={now} zone={ZONE} />);
    for (const text of ['Thu 28 May 18:40', '3 d 23 h 30 min to go', 'not to eat yet: soap spray'])
      expect(screen.queryByText(text) ?? screen.queryByText(text.replace(' 30 min', ''))).toBeTruthy();
  });
});

describe('Today', () => {
  const base = { '/clock': { now: NOW, fixed: true }, '/garden': garden, '/plantings': [beans] };

  test('says when a cover has to come off', async () => {
    serve({ ...base, '/plantings': [{ ...beans, about: ['covered'] }], '/today': { keepOut: [], notToEat: [], openCases: [], reminders: [] } });
    show(<TodayScreen />);
    expect(await screen.findByText(/In flower: take the cover off/)).toBeTruthy();
  });

  test('puts keep-out first, then what is not to eat, then looks due', async () => {
    serve({ ...base, '/today': { keepOut: [clock], notToEat: [clock], openCases: [openCase], reminders: [] } });
    show(<TodayScreen />);
    await screen.findByText('Keep out: Broad beans');
    const order = screen.getAllByText(/Keep out: |Not to eat yet|Look again/).map((n) => String(n.props.children));
    expect(order.map((t) => t.split(':')[0])).toEqual(['Keep out', 'Not to eat yet', 'Look again']);
    expect(screen.getByText('27 May')).toBeTruthy();
    expect(screen.getByText(/Sunday 24 May, 19:10 · sun down 21:2/)).toBeTruthy();
  });

  test('soap that waits for a hand stands there and leads to its batch', async () => {
    const reminder = {
      kind: 'soap',
      id: '0197a000-0000-7000-8000-000000000631',
      title: 'Soap of May',
      text: 'Stir 4 or 5 slow turns.',
      at: '2026-05-24T12:00:00.000Z',
    };
    serve({ ...base, '/today': { keepOut: [], notToEat: [], openCases: [], reminders: [reminder] } });
    show(<TodayScreen />);
    fireEvent.press(await screen.findByText('Soap of May'));
    expect(mockRouter.navigate).toHaveBeenCalledWith(`/bench/soap/${reminder.id}`);
  });

  test('an empty day says what to do', async () => {
    serve({ ...base, '/today': { keepOut: [], notToEat: [], openCases: [], reminders: [] } });
    show(<TodayScreen />);
    fireEvent.press(await screen.findByText('Walk round the garden'));
    expect(mockRouter.navigate).toHaveBeenCalledWith('/walk');
  });

  test('a server that is not there is said, with a way to try again', async () => {
    globalThis.fetch = jest.fn(async () => {
      throw new Error('down');
    }) as unknown as typeof fetch;
    show(<TodayScreen />);
    expect(await screen.findByText(/^Home does not answer, and no copy of the garden is on this device yet/)).toBeTruthy();
    expect(screen.getByText('Try again')).toBeTruthy();
  });
});

describe('the planting form', () => {
  test('shows each message at its field and sends nothing until all is right', async () => {
    const sent = serve({ '/plantings': [beans], '/garden': garden, '/clock': { now: NOW, fixed: true } });
    show(<PlantingEdit id={null} />);
    fireEvent.press(await screen.findByText('Keep this'));
    expect(await screen.findByText('Give it a name.')).toBeTruthy();
    // nothing is chosen for the grower
    expect(screen.getByText('Choose a plant from the list.')).toBeTruthy();
    fireEvent.press(screen.getByLabelText(/^Plant: none yet/));
    fireEvent.press(within(screen.getByLabelText('Plant')).getByText('Peas'));
    fireEvent.changeText(screen.getByLabelText('Name'), 'Peas');
    fireEvent.changeText(screen.getByLabelText('Area, m²'), 'four');
    fireEvent.press(screen.getByText('Keep this'));
    expect(await screen.findByText(/“four” is not a number/)).toBeTruthy();
    expect(sent).toEqual([]);
    fireEvent.changeText(screen.getByLabelText('Area, m²'), '4,5');
    fireEvent.press(screen.getByText('Keep this'));
    await waitFor(() => expect(mockRouter.replace).toHaveBeenCalled());
    expect(sent[0]).toMatchObject({ method: 'PUT', body: { name: 'Peas', areaM2: 4.5, revision: 0 } });
  });

  test('what the server has against it stands on the screen, and what was typed stays', async () => {
    serve({
      '/plantings': [beans],
      [`/plantings/${beans.id}`]: { ...beans, revision: 2, name: 'Runner beans' },
      '/garden': garden,
      '/clock': { now: NOW, fixed: true },
      'PUT plantings': { type: 'about:blank', title: 'Changed meanwhile', status: 409, detail: 'This planting was changed elsewhere.' },
    });
    show(<PlantingEdit id={beans.id} />);
    fireEvent.changeText(await screen.findByLabelText('Name'), 'Field beans');
    fireEvent.press(screen.getByText('Keep this'));
    expect(await screen.findByText(/^It was changed at home, too\. Your change is kept on this device/)).toBeTruthy();
    expect(useReach.getState().entries.at(-1)).toMatchObject({
      what: 'Field beans',
      state: { is: 'asks', clashes: [{ field: 'name', here: 'Field beans', home: 'Runner beans' }] },
    });
    expect(screen.getByLabelText('Name').props.value).toBe('Field beans');
  });
});

describe('looking again', () => {
  test('takes over how many were looked at, and sends the count to the case', async () => {
    const sent = serve({
      [`/cases/${id(2)}`]: { case: openCase, looks: [firstLook], treatments: [], photos: [] },
      '/plantings': [beans],
      '/photos': [],
      '/clock': { now: NOW, fixed: true },
    });
    show(<AgainScreen id={id(2)} />);
    expect(await screen.findByText(/Before: 9 of 20 tips/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Tips with it'), '30');
    await waitFor(() => expect(client.isFetching()).toBe(0));
    fireEvent.press(screen.getByText('Keep the count'));
    expect(await screen.findByText('More affected than looked at.')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Tips with it'), '1');
    fireEvent.press(screen.getByText('Keep the count'));
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]?.body).toMatchObject({ caseId: id(2), count: { affected: 1, looked: 20 } });
  });
});

test('one of many is picked from a panel', () => {
  const change = jest.fn();
  render(
    <Pick
      label="Plant"
      value="a"
      options={[
        { value: 'a', label: 'Apples' },
        { value: 'b', label: 'Beans' },
      ]}
      onChange={change}
    />,
  );
  fireEvent.press(screen.getByLabelText('Plant: Apples. Change'));
  fireEvent.press(within(screen.getByLabelText('Plant')).getByText('Beans'));
  expect(change).toHaveBeenCalledWith('b', '');
});

describe('weather that nobody measured', () => {
  const hours = [{ at: '2026-05-24T18:00:00.000Z', temperatureC: 15, humidityPct: 60, windMs: 2, rainMm: 0, cloud: 0.3, source: 'seen' }];
  const mark = (source: 'none' | 'seen' | 'file' | 'demonstration', units: Garden['units'] = 'metric', told: readonly object[] = hours) => {
    const [seenAt, holdsUntil] = source === 'seen' ? [NOW, '2026-05-25T07:00:00.000Z'] : [null, null];
    const sent = serve({
      '/clock': { now: NOW, fixed: true },
      '/garden': { ...garden, units },
      '/weather': { source, seenAt, holdsUntil, hours: source === 'none' ? [] : told },
    });
    show(<WeatherMark />);
    return sent;
  };
  test('is said to be unknown, and leads to hours of one’s own', async () => {
    mark('none');
    expect(await screen.findByText('No weather is known here')).toBeTruthy();
    fireEvent.press(screen.getByText('Load hours of your own'));
    expect(mockRouter.navigate).toHaveBeenCalledWith('/settings');
  });
  test('a look at the sky is a few taps, in the grower’s degrees, and kept as seen', async () => {
    const sent = mark('none', 'us');
    fireEvent.press(await screen.findByText('Look at the sky'));
    fireEvent.press(screen.getByText('Go by this look'));
    expect(screen.getAllByText('Tap what is nearest.')).toHaveLength(4);
    expect(screen.getByText(/Type the degrees, such as 64/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('The thermometer says, °F'), '61');
    for (const tap of ['Leaves rustle', 'Dry', 'Half and half']) fireEvent.press(screen.getByText(tap));
    fireEvent.press(screen.getAllByText('No')[0] as never);
    fireEvent.press(screen.getByText('Go by this look'));
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({
      method: 'PUT',
      body: { at: NOW, temperatureC: 16.1, wind: 'leaves-rustle', leaf: 'dry', sky: 'half', rainTonight: 'no', twoDays: null },
    });
  });
  test('of the two days after, what is left out counts as coming', async () => {
    const sent = mark('none');
    fireEvent.press(await screen.findByText('Look at the sky'));
    fireEvent.changeText(screen.getByLabelText('The thermometer says, °C'), '16');
    for (const tap of ['Smoke drifts, leaves hang still', 'Dew', 'Clear']) fireEvent.press(screen.getByText(tap));
    fireEvent.press(screen.getAllByText('No')[0] as never);
    fireEvent.press(screen.getByText('Under 25 °C'));
    fireEvent.press(screen.getByText('Go by this look'));
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]?.body).toMatchObject({ twoDays: { rain: 'perhaps', frost: 'perhaps', warmest: 'under-25' } });
  });
  test('what was seen says until when it holds', async () => {
    mark('seen');
    expect(await screen.findByText(/^By your look at the sky.*It holds until/)).toBeTruthy();
  });
  test('a demonstration says it in a line', async () => {
    mark('demonstration');
    expect(await screen.findByText('The demonstration’s weather is made up.')).toBeTruthy();
    expect(screen.queryByText('Load hours of your own')).toBeNull();
  });
  test.each([
    ['only measured ones', [['2026-05-24T17:00:00.000Z', 'known']], /^By the hours you loaded, as measured\.$/],
    [
      'a day ahead',
      [
        ['2026-05-24T17:00:00.000Z', 'known'],
        ['2026-05-25T17:00:00.000Z', 'forecast'],
      ],
      /measured to .*, forecast to .*Look at the sky before you mix\.$/,
    ],
    ['nothing measured', [['2026-05-26T17:00:00.000Z', 'forecast']], /^By the hours you loaded: forecast to /],
  ])('the grower’s own hours say what was measured and how far a forecast reaches: %s', async (_what, told, words) => {
    mark(
      'file',
      'metric',
      told.map(([at, certainty]) => ({ ...hours[0], at, source: 'file', certainty })),
    );
    expect(await screen.findByText(words)).toBeTruthy();
  });
});
