<?php

namespace App\Documents;

use JsonException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/** Checks documents against the JSON Schemas in schemas/. */
class Schemas
{
    private readonly Validator $validator;

    public function __construct()
    {
        $this->validator = new Validator;
        $this->validator->setMaxErrors(10);
        foreach (['call', 'formation', 'look', 'film', 'proof', 'book', 'drill'] as $name) {
            $this->validator->resolver()?->registerFile("jacotaxis:$name", base_path("schemas/$name.schema.json"));
        }
    }

    /**
     * @param  mixed  $document  decoded to arrays or objects
     *
     * @throws NotValid
     */
    public function check(string $name, mixed $document): void
    {
        $result = $this->validator->validate(Helper::toJSON($document), "jacotaxis:$name");
        $error = $result->error();
        if ($error === null) {
            return;
        }
        $errors = (new ErrorFormatter)->format($error);
        $pointer = (string) array_key_first($errors);
        throw new NotValid($pointer, "At $pointer: {$errors[$pointer][0]}. See schemas/$name.schema.json.", $errors);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws NotValid
     */
    public function decode(string $name, string $json): array
    {
        try {
            $document = json_decode($json, false, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw new NotValid('/', "This is not JSON: {$e->getMessage()}.", ['/' => [$e->getMessage()]]);
        }
        $this->check($name, $document);

        return json_decode($json, true);
    }
}
