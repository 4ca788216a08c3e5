<?php

declare(strict_types=1);

namespace KindHeel\Tests\Support;

use Doctrine\ORM\Mapping\Embeddable;
use Doctrine\ORM\Mapping\Entity;
use PHPStan\Reflection\ExtendedPropertyReflection;
use PHPStan\Rules\Properties\ReadWritePropertiesExtension;

/** Tells PHPStan that Doctrine reads, writes and sets up the mapped properties of entities. */
final class DoctrineProperties implements ReadWritePropertiesExtension
{
    public function isAlwaysRead(ExtendedPropertyReflection $property, string $propertyName): bool
    {
        return self::isMapped($property, $propertyName);
    }

    public function isAlwaysWritten(ExtendedPropertyReflection $property, string $propertyName): bool
    {
        return self::isMapped($property, $propertyName);
    }

    public function isInitialized(ExtendedPropertyReflection $property, string $propertyName): bool
    {
        return self::isMapped($property, $propertyName);
    }

    private static function isMapped(ExtendedPropertyReflection $property, string $propertyName): bool
    {
        $class = $property->getDeclaringClass()->getNativeReflection();
        if ([] === [...$class->getAttributes(Entity::class), ...$class->getAttributes(Embeddable::class)]) {
            return false;
        }
        foreach ($class->getProperty($propertyName)->getAttributes() as $attribute) {
            if (str_starts_with($attribute->getName(), 'Doctrine\\ORM\\Mapping\\')) {
                return true;
            }
        }

        return false;
    }
}
