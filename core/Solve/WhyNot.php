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
                => 'Not stirred into what is finished: raw pieces, fat that thins nothing, what only smells',
            self::NotForEverybody => 'A potassium salt is not for everybody',
            self::SetsCold => 'It would set in lumps in what is never warm',
            self::AnotherThing => 'It does this only by the way, and tastes of itself first',
            self::MakesItWorse => 'It has more of what there is too much of, or too nearly as much to thin it',
            self::WouldBoil => 'It thickens once it has boiled, and this is not cooked or not thin',
            self::BringsNew => 'It would bring something nobody expects in it',
            self::AnotherFamily => 'Neither plain nor akin to anything in it: it would be another sauce',
        };
    }
}
