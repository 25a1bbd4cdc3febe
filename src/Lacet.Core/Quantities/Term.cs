namespace Lacet.Core.Quantities;

/// <summary>A word or phrase of ours inside a sentence: it is said in the reader’s words, as names are not.</summary>
/// <param name="Word">As it is written: with earth and line.</param>
public readonly record struct Term(string Word) : IFormattable
{
    /// <inheritdoc/>
    public string ToString(string? format, IFormatProvider? formatProvider) =>
        Word.InWords(ReaderFormat.Of(formatProvider).Region);

    /// <summary>By itself, in the reader’s words.</summary>
    public string Said(ReaderFormat reader) => Word.InWords(reader.Region);

    /// <summary>As it is written.</summary>
    public override string ToString() => Word;

    /// <summary>A phrase as a term.</summary>
    public static implicit operator Term(string word) => new(word);

    /// <summary>As it is written.</summary>
    public static implicit operator string(Term term) => term.Word;
}
