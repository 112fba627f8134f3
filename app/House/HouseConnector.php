<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Database\Connectors\SQLiteConnector;

/** Opens the house's database so that writers take their turn. */
final class HouseConnector extends SQLiteConnector
{
    /**
     * @param string $dsn
     * @param string|null $username
     * @param string|null $password
     * @param array<int, mixed> $options
     */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options)
    {
        return new HousePdo($dsn, $username, $password, $options);
    }
}
