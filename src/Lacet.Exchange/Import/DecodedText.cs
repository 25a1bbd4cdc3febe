namespace Lacet.Exchange.Import;

/// <summary>A text file as it was decoded.</summary>
/// <param name="Text">Its text.</param>
/// <param name="Encoding">How it is written.</param>
/// <param name="Proof">Words of it that show whether that is right: those with letters beyond English.</param>
/// <param name="Sure">Whether it cannot be otherwise: by its mark, or as no other would give text.</param>
public sealed record DecodedText(string Text, TextEncoding Encoding, IReadOnlyList<string> Proof, bool Sure);
