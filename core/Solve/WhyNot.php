<?php

declare(strict_types=1);

namespace Vinculum\Solve;

/** Why a thing is not stirred into a pot, whatever it could do by its figures. */
enum WhyNot: string
{
    case NotStirredIn = 'not-stirred-in';
    case NotForEverybody = 'not-for-everybody';
    case SetsCold = 'sets-cold';
    case AnotherThing = 'another-thing';
    case MakesItWorse = 'makes-it-worse';
    case WouldBoil = 'would-boil';
    case BringsNew = 'brings-new';
    case AnotherFamily = 'another-family';

    /** For several things of one reason; their names stand behind it. */
    public function words(): string
    {
        return match ($this) {
            self::NotStirredIn
                => 'Raw pieces, fat that thins nothing and what only smells are not stirred in',
            self::NotForEverybody => 'A potassium salt is not for everybody',
            self::SetsCold => 'Sets in lumps in what is never warm',
            self::AnotherThing => 'Does this only by the way, and tastes of itself first',
            self::MakesItWorse => 'Has as much or nearly as much of what there is too much of',
            self::WouldBoil => 'Thickens once it has boiled, and this is not cooked or not thin',
            self::BringsNew => 'Brings something nobody expects in it',
            self::AnotherFamily => 'Neither plain nor akin to anything in it, so that it would be another sauce',
        };
    }
}
