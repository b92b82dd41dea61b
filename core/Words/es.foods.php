<?php

// Cómo se llaman los alimentos: core/Words/FoodWords.php.

return require __DIR__.'/../data/compiled/food_words_es.php';
