import { expect, it } from 'vitest';
import { sentenceOf } from '../../../resources/js/lib/sentence';

it('is what the server says in place of a page, however it is read', () => {
    expect(sentenceOf({ data: '{"message":"You have been signed out: “so” it is."}' })).toBe('You have been signed out: “so” it is.');
    expect(sentenceOf({ data: { message: 'Wait a minute.' } })).toBe('Wait a minute.');
});

it.each(['<html><h1>502 Bad Gateway</h1></html>', '', '[]', '{"message":5}', {}])('is its own where %s says nothing', (data) => {
    expect(sentenceOf({ data })).toBe('The server could not answer. Your text is kept here: please try again.');
});
