namespace Lacet.Core.Quantities;

/// <summary>What was given is understood and cannot be: a sentence says what would be right.</summary>
public sealed class ImpossibleInputException : Exception
{
    /// <summary>Names the field, in the shape "conductor.size", and says the sentence.</summary>
    public ImpossibleInputException(string field, string sentence)
        : base(sentence) => Field = field;

    /// <summary>The field that would have to change.</summary>
    public string Field { get; }
}
