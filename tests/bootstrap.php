<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

if (is_file(dirname(__DIR__).'/.env')) {
    (new Symfony\Component\Dotenv\Dotenv())->usePutenv(false)->bootEnv(dirname(__DIR__).'/.env', 'test');
}
