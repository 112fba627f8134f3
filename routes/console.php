<?php

use App\Console\AnalyseCommand;
use App\Console\CompileCommand;
use App\Console\ReadCommand;
use Illuminate\Support\Facades\Artisan;

Artisan::addCommands([AnalyseCommand::class, CompileCommand::class, ReadCommand::class]);
