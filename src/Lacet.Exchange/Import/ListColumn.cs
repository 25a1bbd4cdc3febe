namespace Lacet.Exchange.Import;

/// <summary>A column of a wire list.</summary>
/// <param name="Index">Its place, from 0.</param>
/// <param name="Heading">What stands above it.</param>
/// <param name="Meaning">What it holds.</param>
/// <param name="Sure">Whether heading and cells leave no doubt; otherwise it is to be confirmed.</param>
public sealed record ListColumn(int Index, string Heading, ColumnMeaning Meaning, bool Sure)
{
    /// <summary>What it could hold, the likeliest first.</summary>
    public IReadOnlyList<ColumnCandidate> Candidates { get; init; } = [];

    /// <summary>Whether any of its cells below the headings is filled.</summary>
    public bool IsFilled { get; init; }
}
