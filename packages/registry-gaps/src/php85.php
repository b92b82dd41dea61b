<?php

declare(strict_types=1);

// The functions of PHP 8.5 that Laravel 12 calls. Same contract as the language's own.

if (! function_exists('array_first')) {
    /**
     * @template T
     *
     * @param  array<T>  $array
     * @return T|null the first value, null when empty
     */
    function array_first(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_first($array)];
    }
}

if (! function_exists('array_last')) {
    /**
     * @template T
     *
     * @param  array<T>  $array
     * @return T|null the last value, null when empty
     */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}

if (! function_exists('get_exception_handler')) {
    /** @return callable|null the handler in force */
    function get_exception_handler(): ?callable
    {
        $handler = set_exception_handler(null);
        restore_exception_handler();

        return $handler;
    }
}

if (! function_exists('get_error_handler')) {
    /** @return callable|null the handler in force */
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(null);
        restore_error_handler();

        return $handler;
    }
}
