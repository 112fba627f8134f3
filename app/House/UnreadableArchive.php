<?php

declare(strict_types=1);

namespace App\House;

/** An archive that cannot be read or written; the message is the one the maker reads. */
final class UnreadableArchive extends \DomainException {}
