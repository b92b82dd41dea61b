<?php

declare(strict_types=1);

// The three sentences of the architecture: the core knows nothing of the application, the application does no
// arithmetic, the browser never judges.

arch('the core has no framework, no database and no application')
    ->expect('Hovik\Core')
    ->not->toUse(['Illuminate', 'App', 'Database', 'Symfony', 'Carbon'])->group('slow');

arch('the core has no input, output, clock or chance')
    ->expect('Hovik\Core')
    ->not->toUse(['date', 'time', 'microtime', 'now', 'rand', 'random_int', 'mt_rand', 'file_get_contents', 'fopen', 'echo', 'print', 'getenv', 'env', 'config', 'DateTime', 'DateTimeImmutable']);

arch('values do not change')
    ->expect(['Hovik\Core\Quantity\Amount', 'Hovik\Core\Weighing\Target', 'Hovik\Core\Weighing\Judgement', 'Hovik\Core\Plan\ToolPlan', 'Hovik\Core\Drawer\Fill', 'Hovik\Core\Drawer\Tool', 'Hovik\Core\Pantry\Ingredient'])
    ->toBeReadonly()->toBeFinal();

arch('everything is strict')->expect(['Hovik\Core', 'App'])->toUseStrictTypes()->group('slow');

arch('the application leaves arithmetic to the core')
    ->expect('App')
    ->not->toUse(['Brick\Math', 'round', 'floor', 'ceil', 'sqrt', 'pow', 'fdiv', 'intdiv'])->group('slow');

it('gives no name away that says nothing', function () {
    foreach (['core', 'app'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
            expect($file->getBasename())->not->toMatch('/(Helper|Manager|Util|Service)(?!Provider)/');
        }
    }
});

it('has no browser code that judges', function () {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/resources/js', FilesystemIterator::SKIP_DOTS)) as $file) {
        if (in_array($file->getExtension(), ['ts', 'tsx'], true) && ! str_contains($file->getPathname(), '/kit/KitPage')) {
            // A verdict may be compared with and drawn, never made: no assignment, no choice ending in one.
            expect((string) file_get_contents($file->getPathname()))->not->toMatch('/verdict\s*=\s*[^=>{]*(?:\?|&&)\s*["\'](level|heaped|shy|too-close)["\']/');
        }
    }
});
