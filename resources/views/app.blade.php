<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Jacotaxis</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    <link rel="apple-touch-icon" href="/mark-192.png">
    <link rel="manifest" href="/app.webmanifest">
    <meta name="theme-color" content="#1d2a2c">
    <script src="/theme.js"></script>
    @viteReactRefresh
    @vite(['resources/js/main.tsx'])
</head>
<body><div id="root"></div></body>
</html>
