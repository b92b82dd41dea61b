<?php

declare(strict_types=1);

/*
 * php-fpm reads this once, when it starts (`opcache.preload`): classes of the application and the core, and of the libraries that requests
 * go through, are compiled and linked then and not in every request. They are not run: what cannot be linked, since it needs a library
 * that is not here, is loaded when somebody asks for it, as without this.
 */
const LOADED_BEFORE = '/^(App|Hovik\\\\Core|Brick\\\\Math|Carbon|Dotenv\\\\Repository|Laravel\\\\SerializableClosure|PhpOption|Psr'
    .'|Illuminate\\\\(Auth|Cache|Config|Container|Contracts|Cookie|Database|Encryption|Events|Foundation|Hashing|Http|Pagination|Pipeline'
    .'|Reflection|Routing|Session|Support|Translation|Validation|View)'
    .'|Symfony\\\\(Component\\\\(Clock|HttpFoundation|HttpKernel|Routing|Uid)|Contracts))\\\\/';
const LOADED_WHEN_ASKED = '/\\\\(Console|DependencyInjection|Doctrine|PHPStan|Testing?|Commands?)\\\\|Command$/';

error_reporting(0); // of what cannot be linked
foreach (require dirname(__DIR__).'/vendor/composer/autoload_classmap.php' as $class => $file) {
    if (preg_match(LOADED_BEFORE, $class) === 1 && preg_match(LOADED_WHEN_ASKED, $class) !== 1) {
        opcache_compile_file($file);
    }
}
