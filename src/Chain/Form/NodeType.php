<?php

declare(strict_types=1);

namespace App\Chain\Form;

use App\Chain\ChainNode;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Family\Book;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class NodeType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        /** @var Book $book */
        $book = $options['book'];
        /** @var NodeKind $kind */
        $kind = $options['kind'];
        $places = [];
        foreach ($book->partsAndNeighbours() as $part) {
            $places[$part->name] = [$part->name => $part->key];
            foreach ($part->surfaces as $surface) {
                $places[$part->name][$surface->name] = $part->key.'/'.$surface->key;
            }
        }
        $builder->add('name', TextType::class, ['label' => 'In a few words', 'empty_data' => '']);
        if (NodeKind::Origin === $kind) {
            $builder->add('origin', EnumType::class, [
                'class' => OriginKind::class, 'choice_label' => static fn (OriginKind $kind): string => $kind->label(),
                'label' => 'Kind of origin', 'placeholder' => 'choose', 'required' => false,
            ]);
        }
        if (NodeKind::Complaint !== $kind) {
            $builder->add(
                'place',
                ChoiceType::class,
                ['choices' => $places, 'label' => 'Where', 'placeholder' => 'no place in the unit', 'required' => false],
            );
        }
        /** @var array<string, string> $spots */
        $spots = $options['spots'];
        if ([] !== $spots) {
            $builder->add(
                'spot',
                ChoiceType::class,
                ['choices' => $spots, 'label' => 'The engine calls it', 'placeholder' => 'it knows nothing like it', 'required' => false],
            );
        }
        $builder->add(
            'order',
            IntegerType::class,
            [
                'label' => 'Happened as number',
                'help' => '1 is first',
                'required' => false,
                'invalid_message' => 'The order is a whole number from 1.',
            ],
        );
        if (NodeKind::Complaint !== $kind) {
            $builder->add(
                'evidence',
                TextareaType::class,
                ['label' => 'It rests on', 'help' => 'reading, photo, statement, test', 'required' => false, 'empty_data' => ''],
            );
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => ChainNode::class, 'three_way' => true, 'spots' => []]);
        $resolver->setRequired(['book', 'kind']);
        $resolver->setAllowedTypes('book', Book::class);
        $resolver->setAllowedTypes('spots', 'array');
        $resolver->setAllowedTypes('kind', NodeKind::class);
    }
}
