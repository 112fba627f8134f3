<?php

use App\Console\AnalyseCommand;
use App\Console\CompileCommand;
use Illuminate\Support\Facades\Artisan;

Artisan::addCommands([AnalyseCommand::class, CompileCommand::class]);
