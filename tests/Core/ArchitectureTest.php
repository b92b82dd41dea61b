<?php

declare(strict_types=1);

use PhpParser\Node;
use PhpParser\Node\Expr\AssignOp\Div as AssignDiv;
use PhpParser\Node\Expr\AssignOp\Minus as AssignMinus;
use PhpParser\Node\Expr\AssignOp\Mul as AssignMul;
use PhpParser\Node\Expr\AssignOp\Plus as AssignPlus;
use PhpParser\Node\Expr\BinaryOp\Div;
use PhpParser\Node\Expr\BinaryOp\Minus;
use PhpParser\Node\Expr\BinaryOp\Mod;
use PhpParser\Node\Expr\BinaryOp\Mul;
use PhpParser\Node\Expr\BinaryOp\Pow;
use PhpParser\Node\Scalar\Int_;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

// The three sentences of the architecture: the core knows nothing of the application, the application does no
// arithmetic, the browser never judges.

/** @return list<SplFileInfo> the PHP files of a folder */
function phpIn(string $folder): array
{
    $files = new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/$folder", FilesystemIterator::SKIP_DOTS),
    );

    return array_values(array_filter(iterator_to_array($files, false), fn (SplFileInfo $file): bool => $file->getExtension() === 'php'));
}

// By the words of the files: following every name through the libraries takes twenty seconds and finds no more.
it('has a core without framework, database and application', function () {
    foreach (phpIn('core') as $file) {
        $code = php_strip_whitespace($file->getPathname());
        expect(preg_match('~\\b(?:Illuminate|App|Database|Symfony|Carbon)\\\\~', $code))->toBe(0, $file->getPathname());
    }
});

arch('the core has no input, output, clock or chance')
    ->expect('Hovik\Core')
    ->not->toUse(
        [
            'date', 'time', 'microtime', 'now', 'rand', 'random_int', 'mt_rand', 'file_get_contents', 'fopen', 'echo', 'print',
            'getenv', 'env', 'config', 'DateTime', 'DateTimeImmutable',
        ],
    );

arch('values do not change')
    ->expect(
        [
            'Hovik\Core\Quantity\Amount', 'Hovik\Core\Weighing\Target', 'Hovik\Core\Weighing\Judgement',
            'Hovik\Core\Plan\ToolPlan', 'Hovik\Core\Drawer\Fill', 'Hovik\Core\Drawer\Tool', 'Hovik\Core\Pantry\Ingredient',
        ],
    )
    ->toBeReadonly()->toBeFinal();

it('is strict everywhere', function () {
    foreach ([...phpIn('core'), ...phpIn('app')] as $file) {
        if (preg_match('~/core/(data/|Words/(en|es|british)\b)~', $file->getPathname()) === 1) {
            continue; // nothing but a list
        }
        expect(str_contains((string) file_get_contents($file->getPathname()), 'declare(strict_types=1);'))->toBeTrue($file->getPathname());
    }
});

arch('the application leaves arithmetic to the core')
    ->expect('App')
    ->not->toUse(['Brick\Math', 'round', 'floor', 'ceil', 'sqrt', 'pow', 'fdiv', 'intdiv'])->group('slow');

it('calculates nothing in the application: no sign of arithmetic but a step to the last of a list', function () {
    $signs = static fn (Node $node): bool => $node instanceof Minus && ! ($node->right instanceof Int_ && $node->right->value === 1)
        || $node instanceof Mul || $node instanceof Div || $node instanceof Mod || $node instanceof Pow
        || $node instanceof AssignMinus || $node instanceof AssignMul || $node instanceof AssignDiv || $node instanceof AssignPlus;
    $parser = (new ParserFactory)->createForHostVersion();
    $found = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
        dirname(__DIR__, 2).'/app', FilesystemIterator::SKIP_DOTS,
    )) as $file) {
        foreach ((new NodeFinder)->find($parser->parse((string) file_get_contents($file->getPathname())) ?? [], $signs) as $node) {
            $found[] = $file->getBasename().':'.$node->getStartLine();
        }
    }
    expect($found)->toBe([]);
});

it('gives no name away that says nothing', function () {
    foreach (['core', 'app'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
            dirname(__DIR__, 2)."/$folder", FilesystemIterator::SKIP_DOTS,
        )) as $file) {
            expect($file->getBasename())->not->toMatch('/(Helper|Manager|Util|Service)(?!Provider)/');
        }
    }
});

it('has no browser code that judges', function () {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
        dirname(__DIR__, 2).'/resources/js', FilesystemIterator::SKIP_DOTS,
    )) as $file) {
        if (in_array($file->getExtension(), ['ts', 'tsx'], true) && ! str_contains($file->getPathname(), '/kit/KitPage')) {
            // A verdict may be compared with and drawn, never made: no assignment, no choice ending in one.
            expect((string) file_get_contents($file->getPathname()))->not->toMatch(
                '/verdict\s*=\s*[^=>{]*(?:\?|&&)\s*["\'](level|heaped|shy|too-close)["\']/',
            );
        }
    }
});
