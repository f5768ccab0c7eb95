<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>The API · Zebrafinch</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    {{ $vite(['web/api-description.ts']) }}
</head>
<body>
    <rapi-doc spec-url="/api-description/openapi.yaml" load-fonts="false" show-header="false" render-style="view" theme="light"
        regular-font="sans-serif" mono-font="monospace" primary-color="#a33a14" bg-color="#fbfaf8" text-color="#1d1c1a"
        allow-server-selection="false" server-url="/api" default-api-server="/api" allow-search="true" sort-tags="true"></rapi-doc>
</body>
</html>
