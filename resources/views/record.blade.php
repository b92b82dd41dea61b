<!doctype html>
<html lang="{{ substr(app()->getLocale(), 0, 2) }}">
<head>
    <meta charset="utf-8">
    <title>{{ $student->name }}</title>
    <style>
        body { font: 16px/1.5 sans-serif; max-width: 48rem; margin: 2rem auto; padding: 0 1rem; color: #222; }
        table { border-collapse: collapse; width: 100%; }
        th, td { text-align: left; padding: .35rem .6rem; border-bottom: 1px solid #999; }
    </style>
</head>
<body>
    <h1>{{ $student->name }}</h1>
    <p>{{ $said('about') }} {{ $student->section->name }}. {{ $said('json') }}</p>
    <h2>{{ $said('weighings') }}</h2>
    @if ($weighings === [])
        <p>{{ $said('none') }}</p>
    @else
        <table>
            <tr><th>{{ $said('day') }}</th><th>{{ $said('lab') }}</th><th>{{ $said('food') }}</th><th>{{ $said('weight') }}</th><th>{{ $said('result') }}</th></tr>
            @foreach ($weighings as $one)
                <tr><td>{{ $one['day'] }}</td><td>{{ $one['lab'] }}</td><td>{{ $one['food'] }}</td><td>{{ $one['grams'] }}</td><td>{{ $one['verdict'] }}</td></tr>
            @endforeach
        </table>
    @endif
    <h2>{{ $said('practice') }}</h2>
    <p>{{ $said('answers') }} {{ $answers }}</p>
</body>
</html>
