import { fill, p99, READS } from './years';
import { Server } from './server';
void (async () => {
  const server = await new Server({ SLEETBROOK_DEMO: '1' }).start();
  await server.kill();
  fill(server.folder, 20);
  server.env = {};
  await server.start();
  const hours = Array.from({ length: 45 * 24 }, (_, i) => `${new Date(Date.parse('2026-04-14T00:00:00Z') + i * 3_600_000).toISOString()},14,70,1.8,0.1,0.6`);
  await server.ask('PUT', '/weather/file', ['at,temperatureC,humidityPct,windMs,rainMm,cloud', ...hours].join('\n'), 'text/csv');
  await new Promise((r) => setTimeout(r, 4000));
  for (const path of ['/pulse','/garden','/today','/walks','/walk-plan?except=none','/treatments','/cases?status=cleared']) {
    const t: number[] = []; for (let i=0;i<150;i++){ const f=performance.now(); await (await server.ask('GET', path)).arrayBuffer(); t.push(performance.now()-f);} t.sort((x,y)=>x-y); console.log(path,'p50',t[75]?.toFixed(1),'p90',t[135]?.toFixed(1),'p97',t[146]?.toFixed(1),'max',t[149]?.toFixed(1));
  }
  for (const path of [] as string[]) {
    const a = await p99(server, path);
    const size = (await (await server.ask('GET', path)).arrayBuffer()).byteLength;
    console.log(path, a.toFixed(1), size);
  }
  console.log('plan', await p99(server, '/walk-plan?except=none'), server.mostMb());
  await server.stop();
})();
