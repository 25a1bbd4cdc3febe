namespace Lacet.Exchange.Import;

/// <summary>What is in a file that somebody sent.</summary>
/// <param name="Sheets">Its sheets that hold anything.</param>
/// <param name="Text">How it was decoded; null for a workbook.</param>
public sealed record SheetFile(IReadOnlyList<Sheet> Sheets, DecodedText? Text);
