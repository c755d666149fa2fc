<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · All Square</title>
    <style>
        body { margin: 0; min-height: 100vh; display: grid; place-items: center; background: #e6e2d6; color: #20302d; font: 15px/1.5 system-ui, sans-serif; }
        main { box-sizing: border-box; width: min(26rem, calc(100vw - 2rem)); padding: 2rem; background: #fbf9f3; border: 1px solid #d3cdbd; border-radius: 3px; }
        h1 { margin: 0 0 .5rem; font-size: 1.15rem; }
        p { margin: 0 0 1rem; }
        label { display: block; margin-bottom: .35rem; font-weight: 600; }
        input { box-sizing: border-box; width: 100%; padding: .5rem .6rem; border: 1px solid #8b9690; border-radius: 2px; background: #fffefb; color: inherit; font: inherit; }
        button { margin-top: 1rem; padding: .5rem 1.1rem; border: 1px solid #b98f2e; border-radius: 2px; background: #f0c96a; color: #20302d; font: inherit; font-weight: 600; cursor: pointer; }
        a { color: #17614f; }
        :focus-visible { outline: 2px solid #17614f; outline-offset: 2px; }
        .wrong { color: #a83a24; }
    </style>
</head>
<body><main>@yield('content')</main></body>
</html>
