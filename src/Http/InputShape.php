<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use KindHeel\Core\Text\FieldError;
use Symfony\Component\DependencyInjection\Attribute\AutowireServiceClosure;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Event\ControllerArgumentsEvent;
use Symfony\Component\PropertyInfo\PropertyInfoExtractorInterface;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\TypeIdentifier;

/**
 * What is sent for an `…Input` is what its lists say they hold, and whole where a whole number is wanted: the serializer, which comes after (0),
 * looks at single values only and takes 1.5 for 1.
 */
#[AsEventListener(priority: 10)]
final readonly class InputShape
{
    /** @param \Closure(): PropertyInfoExtractorInterface $properties asked for where something is sent: it is large, and most requests only read */
    public function __construct(#[AutowireServiceClosure('property_info')] private \Closure $properties)
    {
    }

    /** @throws FieldError */
    public function __invoke(ControllerArgumentsEvent $event): void
    {
        foreach ($event->getArguments() as $argument) {
            $class = $argument instanceof MapRequestPayload ? $argument->metadata->getType() ?? '' : '';
            if (class_exists($class)) {
                $this->object($class, json_decode($event->getRequest()->getContent(), true), '');
            }
        }
    }

    /** @param class-string $class */
    private function object(string $class, mixed $sent, string $path): void
    {
        foreach (\is_array($sent) ? $sent : [] as $name => $value) {
            if (\is_string($name) && property_exists($class, $name) && (\is_array($value) || \is_float($value))) {
                $type = ($this->properties)()->getType($class, $name);
                if (null !== $type) {
                    $this->value($type, $value, $path.$name, inList: false);
                }
            }
        }
    }

    private function value(Type $type, mixed $value, string $path, bool $inList): void
    {
        if (null === $value && $type->isNullable()) {
            return;
        }
        $type = $type instanceof Type\NullableType ? $type->getWrappedType() : $type;
        if ($type instanceof Type\CollectionType) {
            if (!\is_array($value) || ($type->isList() && !array_is_list($value))) {
                throw new FieldError($path, 'A list is needed here.');
            }
            foreach ($value as $key => $one) {
                $this->value($type->getCollectionValueType(), $one, $path.'['.$key.']', inList: true);
            }
        } elseif ($type instanceof Type\ObjectType && !$type instanceof Type\EnumType && class_exists($type->getClassName())) {
            $this->object($type->getClassName(), $value, $path.'.');
        } elseif (\is_float($value) && $type->isIdentifiedBy(TypeIdentifier::INT) && !$type->isIdentifiedBy(TypeIdentifier::FLOAT)) {
            throw new FieldError($path, 'A whole number is needed here.');
        } elseif ($inList && null !== ($needed = self::needed($type, $value))) {
            throw new FieldError($path, $needed);
        }
    }

    /** @return string|null the sentence when it is not of that type */
    private static function needed(Type $type, mixed $value): ?string
    {
        return match (true) {
            $type->isIdentifiedBy(TypeIdentifier::FLOAT) => (\is_float($value) && is_finite($value)) || \is_int($value) ? null : 'A number is needed here.',
            $type->isIdentifiedBy(TypeIdentifier::INT) => \is_int($value) ? null : 'A whole number is needed here.',
            $type->isIdentifiedBy(TypeIdentifier::STRING) => \is_string($value) ? null : 'Some text is needed here.',
            $type->isIdentifiedBy(TypeIdentifier::BOOL) => \is_bool($value) ? null : 'Yes or no is needed here.',
            default => null,
        };
    }
}
