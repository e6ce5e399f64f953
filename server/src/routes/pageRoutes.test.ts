import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';

import express from 'express';
import request from 'supertest';

import { pageRoutes } from './pageRoutes.ts';

const SCRIPT = 'console.log("built");\n'.repeat(100);
const folder = mkdtempSync(join(tmpdir(), 'wendaxis-pages-test-'));
const app = express();

beforeAll(() => {
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), '<title>Wendaxis</title>');
  writeFileSync(join(folder, 'assets', 'main-1a2b.js'), SCRIPT);
  writeFileSync(join(folder, 'assets', 'main-1a2b.js.br'), brotliCompressSync(SCRIPT));
  writeFileSync(join(folder, 'assets', 'main-1a2b.js.gz'), gzipSync(SCRIPT));
  app.use(pageRoutes(folder));
});
afterAll(() => rmSync(folder, { recursive: true }));

const script = (accepted: string) =>
  request(app).get('/assets/main-1a2b.js').set('accept-encoding', accepted);

test('should send a script as it was compressed at the build, in the smallest form that is taken', async () => {
  const smallest = await script('gzip, deflate, br');
  expect(smallest.headers).toMatchObject({
    'content-encoding': 'br',
    'content-type': expect.stringContaining('javascript') as string,
  });
  expect((await script('gzip')).headers['content-encoding']).toBe('gzip');
  const plain = await script('identity');
  expect(plain.headers['content-encoding']).toBeUndefined();
  expect(plain.text).toBe(SCRIPT);
});

test('should let the browser keep for good what is built, and ask for the page each time', async () => {
  expect((await script('br')).headers['cache-control']).toContain('immutable');
  const page = await request(app).get('/jobs/some-job/plan');
  expect(page.status).toBe(200);
  expect(page.text).toContain('<title>Wendaxis</title>');
  expect(page.headers['cache-control']).toBe('no-cache');
});

test('should say of what is not there that it is not there', async () => {
  const missing = await request(app).get('/assets/gone-3c4d.js');
  expect(missing.status).toBe(404);
  expect(missing.headers['content-type']).toContain('text/plain');
  expect((await request(app).get('/nowhere')).status).toBe(404);
});
