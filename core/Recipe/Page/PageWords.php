<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Page;

/** What the parts of a recipe are called, and how directions begin, in English and Spanish. */
final class PageWords
{
    /** What directions begin with, after a quotation mark or the like. */
    public const VERBS = [
        'add', 'arrange', 'bake', 'beat', 'blend', 'boil', 'bring', 'brush', 'chill', 'combine', 'cook', 'cool', 'cover', 'cream', 'cut',
        'dissolve', 'divide', 'drain', 'drizzle', 'drop', 'dust', 'fill', 'fold', 'form', 'freeze', 'fry', 'garnish', 'grease', 'heat',
        'in a', 'in the', 'in another', 'knead', 'leave', 'let', 'line', 'make', 'measure', 'meanwhile', 'melt', 'mix', 'once', 'place',
        'pour', 'preheat', 'prepare', 'press', 'put', 'remove', 'repeat', 'return', 'roll', 'rub', 'scrape', 'serve', 'set', 'shape',
        'sift', 'simmer', 'slice', 'spoon', 'spread', 'sprinkle', 'stir', 'store', 'take', 'tip', 'transfer', 'turn', 'use', 'warm',
        'wash', 'weigh', 'when', 'whip', 'whisk', 'with', 'working',
    ];

    /** What directions begin with in Spanish. */
    public const SPANISH_VERBS = [
        'agrega', 'agregar', 'añade', 'añadir', 'amasa', 'amasar', 'bate', 'batir', 'calienta', 'calentar', 'cierne', 'cernir', 'coloca',
        'colocar',
        'combina', 'cocina', 'cocinar', 'corta', 'cortar', 'cubre', 'cubrir', 'deja', 'dejar', 'derrite', 'derretir', 'disuelve',
        'disolver', 'divide',
        'dividir', 'engrasa', 'engrasar', 'enfría', 'enfriar', 'espolvorea', 'estira', 'estirar', 'extiende', 'forma', 'formar', 'haz',
        'hacer',
        'hierve', 'hervir', 'hornea', 'hornear', 'incorpora', 'incorporar', 'integra', 'integrar', 'lava', 'licua', 'mezcla', 'mezclar',
        'mide', 'pesa',
        'pon', 'poner', 'precalienta', 'precalentar', 'prepara', 'preparar', 'pasa', 'pasar', 'rellena', 'retira', 'retirar', 'reserva',
        'reservar',
        'revuelve', 'revolver', 'saca', 'sacar', 'sirve', 'servir', 'tamiza', 'tamizar', 'tapa', 'tapar', 'vierte', 'verter', 'vacía',
        'en un', 'en una',
        'en otro', 'en el', 'una vez', 'cuando', 'mientras', 'con la', 'con el',
    ];

    public const INGREDIENTS = [
        'ingredients', 'ingredient list', 'you will need', 'you need', 'what you need', "what you'll need", 'ingredientes',
        'lista de ingredientes', 'necesitas', 'se necesita', 'qué se necesita', 'lo que necesitas',
    ];

    public const DIRECTIONS = [
        'directions', 'method', 'instructions', 'steps', 'preparation', 'procedure', 'what to do', 'how to make it', 'how to make',
        'preparación', 'procedimiento', 'modo de hacerse', 'modo de preparación', 'modo de preparar', 'manera de hacerse', 'elaboración',
        'instrucciones', 'pasos', 'pasos a seguir', 'método', 'cómo se hace', 'cómo hacerlo', 'cómo prepararlo',
    ];

    public const NOTES = [
        'notes', 'note', 'recipe notes', 'tips', 'cook notes', 'notas', 'nota', 'consejos', 'trucos', 'equipment', 'equipo',
        'utensilios',
    ];

    /** How many it makes, the words for it first: 'Makes 12 buns', 'Rinde 24 galletas', 'Para 6 personas'. */
    public const MAKES = '~^(?:(?:makes|yields?|serves|servings|rinde(?: para)?|rendimiento|porciones|raciones'
        .'|salen|da para|comensales)\b\s*:?\s*(.{1,60})'
        .'|para (\d+ (?:personas|porciones|piezas|raciones).{0,40}))$~iu';

    /** Marks before the items of a list, its numbers among them: whole characters, never their bytes. */
    public const MARKS = '~^[\s*•·▪◦‣\-–—→➔✓✔☐▢□]*(?:(?:(?:step|paso)\s*)?\d{1,2}\s*[.):]\s*)?~iu';
}
