<!doctype html>
<html lang="{{ substr(app()->getLocale(), 0, 2) }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta http-equiv="refresh" content="{{ $again_s }}">
    <title>Hovik</title>
</head>
<body>
    <h1>Hovik</h1>
    <p>{{ $said }}</p>
</body>
</html>
