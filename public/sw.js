// Opens Vinculum's frame where its machine does not answer, and says so. It keeps no page and no recipe: what is shown is always what
// the machine says now.

const AWAY = `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="light">
<meta http-equiv="refresh" content="10">
<title>Not reached · Vinculum</title>
<style>
body { margin: 0; background: #e3ebe8; color: #16222e; font: 18px/1.45 sans-serif; }
main { max-width: 460px; margin: 8vh auto; padding: 24px; border-radius: 14px; background: #fdfefc; }
h1 { display: inline-block; margin: 0; padding-top: 4px; border-top: 5px solid #b43f0e; font: 700 30px serif; }
a { display: grid; place-items: center; min-height: 60px; margin-top: 18px; border-radius: 10px; background: #b43f0e; color: #fff; font-weight: 700; text-decoration: none; }
</style>
</head>
<body>
<main>
<h1>Vinculum</h1>
<p role="status"><strong>The machine that keeps the recipes does not answer.</strong> It may be switched off, or this phone is out of its reach.</p>
<p>What you typed and was not kept yet is still in this browser, and goes in once it answers. This page looks again every ten seconds.</p>
<a href="">Try again</a>
</main>
</body>
</html>`;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('fetch', (event) => {
  if (event.request.mode !== 'navigate') return;
  event.respondWith(
    fetch(event.request).catch(
      () =>
        new Response(AWAY, {
          status: 503,
          headers: {
            'Content-Type': 'text/html; charset=utf-8',
            'Content-Security-Policy': "default-src 'none'; style-src 'unsafe-inline'; base-uri 'none'; frame-ancestors 'none'",
          },
        }),
    ),
  );
});
