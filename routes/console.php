<?php

use App\Console\AnalyseCommand;
use App\Console\BackupCommand;
use App\Console\CardsCommand;
use App\Console\CompileCommand;
use App\Console\DraftCommand;
use App\Console\KeepingGuideCommand;
use App\Console\PantryAuditCommand;
use App\Console\PlanCommand;
use App\Console\PotCommand;
use App\Console\ReadCommand;
use App\Console\RebalanceCommand;
use App\Console\RescueCommand;
use App\Console\RestoreCommand;
use App\Console\ScaleCommand;
use App\Console\ServedCommand;
use App\Console\SwapCommand;
use Illuminate\Support\Facades\Artisan;

Artisan::addCommands([
    AnalyseCommand::class,
    BackupCommand::class,
    CardsCommand::class,
    CompileCommand::class,
    KeepingGuideCommand::class,
    PantryAuditCommand::class,
    DraftCommand::class,
    PlanCommand::class,
    PotCommand::class,
    ReadCommand::class,
    RebalanceCommand::class,
    RescueCommand::class,
    RestoreCommand::class,
    ScaleCommand::class,
    ServedCommand::class,
    SwapCommand::class,
]);
