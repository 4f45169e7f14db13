<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Lupine</title>
    <link rel="icon" href="/lupine.svg" type="image/svg+xml">
    @if ($first !== null)
    <link rel="preload" as="fetch" crossorigin href="{{ $first }}">
    @endif
    @foreach ($fonts as $font)
    <link rel="preload" as="font" type="font/woff2" crossorigin href="{{ $font }}">
    @endforeach
    @viteReactRefresh
    @vite(array_values($sources))
</head>
<body>
    <div id="lupine"@if ($asks) data-asks data-who="{{ $who }}"@endif></div>
    <noscript>Lupine needs JavaScript to show the desk.</noscript>
</body>
</html>
