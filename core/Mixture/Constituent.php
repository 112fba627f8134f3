<?php

declare(strict_types=1);

namespace Vinculum\Mixture;

/**
 * What a sauce is made of, as far as the product knows. Every mixture holds one mass in grams for each.
 *
 * The numbers are places in a list, so that a hot loop reads plain arrays; KEYS are the names the catalogue uses.
 */
final class Constituent
{
    public const WATER = 0;
    public const ETHANOL = 1;
    public const SUCROSE = 2;
    public const GLUCOSE = 3;
    public const FRUCTOSE = 4;
    public const MALTOSE = 5;
    public const LACTOSE = 6;
    /** Sweetness of anything else, in grams of sucrose that would taste as sweet; its own mass is in OTHER_SOLUBLE. */
    public const OTHER_SWEET = 7;
    public const STARCH_RAW = 8;
    public const STARCH_COOKED = 9;
    public const INSOLUBLE = 10;
    public const PROTEIN = 11;
    public const FAT = 12;
    /** By difference to 100 g, so that masses always close. Chloride is in here. */
    public const OTHER_SOLUBLE = 13;
    public const ACETIC = 14;
    public const CITRIC = 15;
    public const MALIC = 16;
    public const LACTIC = 17;
    public const TARTARIC = 18;
    public const OTHER_ACID = 19;
    public const SODIUM = 20;
    public const POTASSIUM = 21;
    public const CALCIUM = 22;
    public const MAGNESIUM = 23;
    /** Free amino acids and nucleotides, as free acids; their mass is within PROTEIN and OTHER_SOLUBLE. */
    public const GLUTAMIC = 24;
    public const ASPARTIC = 25;
    public const IMP = 26;
    public const GMP = 27;
    public const AMP = 28;
    /** As is, never on dry mass. Mass within OTHER_SOLUBLE. */
    public const CAPSAICINOIDS = 29;
    public const PIPERINE = 30;
    public const MUSTARD_BITE = 31;
    public const GINGEROLS = 32;

    /**
     * What the strong ions of a food leave uncovered, mol and not grams: set so that the food alone has its measured
     * pH, base where minerals are in excess of mineral acids. Two places, since no constituent is below 0.
     */
    public const STRONG_BASE = 33;
    public const STRONG_ACID = 34;

    /**
     * Of bicarbonate: what it buffers with while it is in excess, as carbonic acid. Mass within OTHER_SOLUBLE. In a
     * sour sauce it has gone off as gas, which moves no charge and so no pH.
     */
    public const CARBONIC = 35;

    public const COUNT = 36;

    /** Scoville heat units to a milligram of capsaicinoids per kilogram (ASTA method 21.3, from memory). */
    public const SCOVILLE_PER_MG_KG = 16.0;

    public const KEYS = [
        'water',
        'ethanol',
        'sucrose',
        'glucose',
        'fructose',
        'maltose',
        'lactose',
        'other-sweet',
        'starch',
        'starch-cooked',
        'insoluble',
        'protein',
        'fat',
        'other-soluble',
        'acetic',
        'citric',
        'malic',
        'lactic',
        'tartaric',
        'other-acid',
        'sodium',
        'potassium',
        'calcium',
        'magnesium',
        'glutamic',
        'aspartic',
        'imp',
        'gmp',
        'amp',
        'capsaicinoids',
        'piperine',
        'mustard-bite',
        'gingerols',
        'strong-base',
        'strong-acid',
        'carbonic',
    ];

    /** Names for several at once, as the catalogue's "nil" lines use them. */
    public const GROUPS = [
        'sugars' => [self::SUCROSE, self::GLUCOSE, self::FRUCTOSE, self::MALTOSE, self::LACTOSE, self::OTHER_SWEET],
        'starches' => [self::STARCH_RAW, self::STARCH_COOKED],
        'acids' => [self::ACETIC, self::CITRIC, self::MALIC, self::LACTIC, self::TARTARIC, self::OTHER_ACID],
        'minerals' => [self::SODIUM, self::POTASSIUM, self::CALCIUM, self::MAGNESIUM],
        'umami' => [self::GLUTAMIC, self::ASPARTIC, self::IMP, self::GMP, self::AMP],
        'nucleotides' => [self::IMP, self::GMP, self::AMP],
        'bites' => [self::CAPSAICINOIDS, self::PIPERINE, self::MUSTARD_BITE, self::GINGEROLS],
    ];

    /** What counts moles: it bears no mass and is not shown as grams. */
    public const MOLES = [self::STRONG_BASE, self::STRONG_ACID];

    /** What stays in a thing that is steeped and lifted out, and is not in the liquor it holds. */
    public const MATRIX = [self::STARCH_RAW, self::STARCH_COOKED, self::INSOLUBLE, self::PROTEIN, self::FAT];

    /** What goes into the liquor. */
    public const DISSOLVED = [
        self::WATER,
        self::ETHANOL,
        self::SUCROSE,
        self::GLUCOSE,
        self::FRUCTOSE,
        self::MALTOSE,
        self::LACTOSE,
        self::OTHER_SWEET,
        self::OTHER_SOLUBLE,
        self::ACETIC,
        self::CITRIC,
        self::MALIC,
        self::LACTIC,
        self::TARTARIC,
        self::OTHER_ACID,
        self::SODIUM,
        self::POTASSIUM,
        self::CALCIUM,
        self::MAGNESIUM,
        self::GLUTAMIC,
        self::ASPARTIC,
        self::IMP,
        self::GMP,
        self::AMP,
        self::CAPSAICINOIDS,
        self::PIPERINE,
        self::MUSTARD_BITE,
        self::GINGEROLS,
        self::STRONG_BASE,
        self::STRONG_ACID,
        self::CARBONIC,
    ];

    /** These add up to the mass of the mixture; the others are counted within them. */
    public const MASS_BEARING = [
        self::WATER,
        self::ETHANOL,
        self::SUCROSE,
        self::GLUCOSE,
        self::FRUCTOSE,
        self::MALTOSE,
        self::LACTOSE,
        self::STARCH_RAW,
        self::STARCH_COOKED,
        self::INSOLUBLE,
        self::PROTEIN,
        self::FAT,
        self::OTHER_SOLUBLE,
        self::ACETIC,
        self::CITRIC,
        self::MALIC,
        self::LACTIC,
        self::TARTARIC,
        self::OTHER_ACID,
        self::SODIUM,
        self::POTASSIUM,
        self::CALCIUM,
        self::MAGNESIUM,
    ];
}
