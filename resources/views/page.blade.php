<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Zebrafinch</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    <script src="/theme.js"></script>
    {{ $vite(['web/main.tsx']) }}
</head>
<body>
    <div id="app"></div>
    <noscript>Zebrafinch needs JavaScript: the page listens to the keys that you press.</noscript>
</body>
</html>
