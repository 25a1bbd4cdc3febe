namespace Lacet.Core.Quantities;

/// <summary>
/// A target with the least and the most that still pass. Strip length, torque and pull force all use this one shape.
/// In a sentence, "{window:target}" gives "18 mm (11/16 in)" and "{window:range}" gives "16 to 20 mm (5/8 to 3/4 in)".
/// </summary>
/// <typeparam name="T">The quantity.</typeparam>
public readonly record struct Window<T> : IFormattable
    where T : struct, IQuantity<T>
{
    /// <summary>A window; throws where the target lies outside it.</summary>
    public Window(T target, T least, T most)
    {
        if (least.CompareTo(target) > 0 || target.CompareTo(most) > 0)
        {
            throw new ArgumentException(
                $"A window holds its target: {least.Value} ≤ {target.Value} ≤ {most.Value} is false.",
                nameof(target)
            );
        }

        (Target, Least, Most) = (target, least, most);
    }

    /// <summary>What to aim at.</summary>
    public T Target { get; }

    /// <summary>The least that passes.</summary>
    public T Least { get; }

    /// <summary>The most that passes.</summary>
    public T Most { get; }

    /// <summary>One of the three values.</summary>
    public T this[WindowPart part] =>
        part switch
        {
            WindowPart.Least => Least,
            WindowPart.Most => Most,
            _ => Target,
        };

    /// <summary>Where a measured value lies; the ends pass.</summary>
    public Judgement Judge(T measured) =>
        measured.Value < Least.Value - T.Hair ? Judgement.Short
        : measured.Value > Most.Value + T.Hair ? Judgement.Long
        : Judgement.Pass;

    /// <summary>Says one of the three values in both systems.</summary>
    public Readout Read(WindowPart part) => T.Read(this, part);

    /// <inheritdoc/>
    public string ToString(string? format, IFormatProvider? formatProvider)
    {
        var reader = ReaderFormat.Of(formatProvider);
        return format switch
        {
            "least" => Read(WindowPart.Least).ToString(reader),
            "most" => Read(WindowPart.Most).ToString(reader),
            "range" => Range(reader),
            _ => Read(WindowPart.Target).ToString(reader),
        };
    }

    /// <inheritdoc/>
    public override string ToString() => ToString("range", ReaderFormat.Metric);

    private string Range(ReaderFormat reader)
    {
        var (least, most) = (Read(WindowPart.Least), Read(WindowPart.Most));
        return (
            least with
            {
                Metric = Span(least.Metric, most.Metric),
                Imperial = Span(least.Imperial, most.Imperial),
            }
        ).ToString(reader);
    }

    /// <summary>"8 mm", "10 mm" → "8 to 10 mm": the unit is said once.</summary>
    private static string Span(string least, string most)
    {
        var unit = least.LastIndexOf(' ');
        return string.Equals(least, most, StringComparison.Ordinal) ? least : $"{least[..unit]} to {most}";
    }
}
