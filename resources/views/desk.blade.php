<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>All Square</title>
    <link rel="icon" href="data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 22 22'%3E%3Crect width='22' height='22' rx='3' fill='%2320302d'/%3E%3Cpath d='M4 4h4v10h10v4H4z' fill='%23f0c96a'/%3E%3Crect x='11' y='5' width='6' height='6' fill='none' stroke='%23f4f1e8' stroke-width='1.5'/%3E%3C/svg%3E">
    <script type="application/json" id="kinds">{!! $kinds !!}</script>
    @vite('resources/js/main.ts')
</head>
<body><div id="app"></div></body>
</html>
