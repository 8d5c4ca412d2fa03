<?php

declare(strict_types=1);

namespace App\Platform\Plans;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * What pages ask of PostgreSQL takes it longer to read and to plan than to answer, three quarters of its time. A connection that stays
 * from request to request keeps what it has planned (decision 0058); one that ends with its request asks as ever.
 */
final readonly class KeepPlans implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(array $params): Connection
            {
                $connection = parent::connect($params);
                $native = $connection->getNativeConnection();

                return $native instanceof \PDO && (bool) ($params['driverOptions'][\PDO::ATTR_PERSISTENT] ?? false)
                    ? new PlanningConnection($connection, $native)
                    : $connection;
            }
        };
    }
}
