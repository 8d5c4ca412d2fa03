<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Exception;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * Connections are kept from request to request; one that the database has hung up on (a restart) shows it at the first word,
 * the setting of the character set. PDO then knows it is dead and the second try opens a new one.
 */
final class LiveConnection implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(array $params): Connection
            {
                try {
                    return parent::connect($params);
                } catch (Exception) {
                    return parent::connect($params);
                }
            }
        };
    }
}
