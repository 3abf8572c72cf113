<?php

declare(strict_types=1);

namespace App\Files;

use DOMDocument;
use DOMElement;

/**
 * What is known of a frame as an XMP sidecar, to lie beside the original, which nobody touches. Namespaces by ISO 16684-1 (XMP):
 * Dublin Core, XMP basic, EXIF; what has no property there stands in words in dc:description and dc:subject.
 */
final class XmpSidecar
{
    private const RDF = 'http://www.w3.org/1999/02/22-rdf-syntax-ns#';

    private const NAMESPACES = [
        'dc' => 'http://purl.org/dc/elements/1.1/', 'xmp' => 'http://ns.adobe.com/xap/1.0/', 'exif' => 'http://ns.adobe.com/exif/1.0/',
    ];

    private readonly DOMDocument $xml;

    private readonly DOMElement $about;

    public function __construct()
    {
        $this->xml = new DOMDocument('1.0', 'UTF-8');
        $this->xml->formatOutput = true;
        $meta = $this->xml->createElementNS('adobe:ns:meta/', 'x:xmpmeta');
        $rdf = $this->xml->createElementNS(self::RDF, 'rdf:RDF');
        $this->about = $this->xml->createElementNS(self::RDF, 'rdf:Description');
        $this->about->setAttributeNS(self::RDF, 'rdf:about', '');
        $rdf->appendChild($this->about);
        $meta->appendChild($rdf);
        $this->xml->appendChild($meta);
    }

    /** A simple property, like exif:FNumber. */
    public function say(string $property, ?string $value): self
    {
        if ($value !== null && $value !== '') {
            $this->about->appendChild($this->element($property, $value));
        }

        return $this;
    }

    /** A text in the default language, like dc:title. */
    public function text(string $property, ?string $value): self
    {
        return $value === null || $value === '' ? $this : $this->list($property, 'rdf:Alt', [$value], 'x-default');
    }

    /** @param  list<string>  $values  in no order, like dc:subject */
    public function bag(string $property, array $values): self
    {
        return $values === [] ? $this : $this->list($property, 'rdf:Bag', $values, null);
    }

    /** @param  list<string>  $values  in their order */
    public function sequence(string $property, array $values): self
    {
        return $values === [] ? $this : $this->list($property, 'rdf:Seq', $values, null);
    }

    /** As XMP writes numbers of EXIF: a fraction. */
    public static function rational(?float $number): ?string
    {
        return match (true) {
            $number === null => null,
            $number < 1 && abs(1 / $number - round(1 / $number)) < 0.02 / $number => '1/'.(int) round(1 / $number),
            default => (int) round($number * 1000).'/1000',
        };
    }

    public function written(): string
    {
        return (string) $this->xml->saveXML();
    }

    /** @param  list<string>  $values */
    private function list(string $property, string $kind, array $values, ?string $language): self
    {
        $list = $this->xml->createElementNS(self::RDF, $kind);
        foreach ($values as $value) {
            $item = $this->xml->createElementNS(self::RDF, 'rdf:li');
            $item->appendChild($this->xml->createTextNode($this->plain($value)));
            $language === null || $item->setAttributeNS('http://www.w3.org/XML/1998/namespace', 'xml:lang', $language);
            $list->appendChild($item);
        }
        $holder = $this->element($property, '');
        $holder->appendChild($list);
        $this->about->appendChild($holder);

        return $this;
    }

    private function element(string $property, string $value): DOMElement
    {
        $element = $this->xml->createElementNS(self::NAMESPACES[explode(':', $property)[0]], $property);
        $value === '' || $element->appendChild($this->xml->createTextNode($this->plain($value)));

        return $element;
    }

    /** Without the characters that XML cannot hold. */
    private function plain(string $text): string
    {
        $cannot = '/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u';

        return (string) preg_replace($cannot, '', mb_scrub($text, 'UTF-8'));
    }
}
