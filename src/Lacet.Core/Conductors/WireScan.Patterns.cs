using System.Text.RegularExpressions;

namespace Lacet.Core.Conductors;

/// <content>The shapes of numbers in a wire's text; each begins where the reading has come to.</content>
internal sealed partial class WireScan
{
    private const RegexOptions Options =
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture;
    private const int Patience = 1000;
    private const string Decimal = "[0-9]{1,3}(?:[.,][0-9]{1,3})?";
    private const string Square = @"mm²|mm2|mm\^2|sq\.?\s?mm|qmm|mmq|mm\b|²";
    private const string Gauge = "[0-9]{1,2}|[1-4]/0";

    [GeneratedRegex(@"\G(?:o\.?d\.?|ø)\s*(?<od>" + Decimal + @")\s*(?:mm)?(?![0-9a-z])", Options, Patience)]
    private static partial Regex Diameter();

    [GeneratedRegex(
        @"\G(?<pairs>[0-9]{1,2})\s*[x×]\s*2\s*[x×]\s*(?<size>"
            + Decimal
            + @")\s*(?:"
            + Square
            + @")?(?![0-9]|[.,][0-9])",
        Options,
        Patience
    )]
    private static partial Regex Pairs();

    [GeneratedRegex(
        @"\G(?<count>[0-9]{1,2})\s*(?<times>[x×*g])\s*\#?(?<size>[1-4]/0|"
            + Decimal
            + @")\s*(?<unit>awg|ga\b|kcmil|mcm|"
            + Square
            + @")?(?![0-9/]|[.,][0-9])",
        Options,
        Patience
    )]
    private static partial Regex Cores();

    [GeneratedRegex(
        @"\G(?<size>"
            + Gauge
            + @")-(?<size>"
            + Gauge
            + @")-(?<size>"
            + Gauge
            + @")(?:-(?<size>"
            + Gauge
            + @"))?(?![0-9/-])",
        Options,
        Patience
    )]
    private static partial Regex Sizes();

    [GeneratedRegex(
        @"\G\#?(?<size>[0-9]{1,2})\s*(?:awg\s*)?[/-](?<count>[1-9][0-9]?)\s*(?:c\b|cond(?:uctors?)?\b)?(?![0-9/""']|\s*(?:in|mm)\b)",
        Options,
        Patience
    )]
    private static partial Regex SizeOfCount();

    [GeneratedRegex(
        @"\G(?<count>[0-9]{1,2})\s*(?:-|/)?\s*(?:(?<pair>pr|pairs?)|c|conductors?|cond\.?|cores?|way|adrig)(?![a-z])(?:\s*/\s*(?=[0-9]))?",
        Options,
        Patience
    )]
    private static partial Regex CountAlone();

    [GeneratedRegex(
        @"\G(?<feet>[0-9]{1,4})\s*(?:'|′|’|ft)\s*-?\s*(?<inches>[0-9]{1,2}(?:\.[0-9]{1,2})?)\s*(?:""|″|”|in\b)",
        Options,
        Patience
    )]
    private static partial Regex FeetAndInches();

    [GeneratedRegex(
        @"\G(?<number>[0-9]{1,5}(?:[.,][0-9]{1,3})?)\s*(?<unit>metres?|meters?|mtr|m|cm|ft|feet|foot|inches|inch|in|'|′|’|""|″|”)(?![a-z0-9²^])\.?",
        Options,
        Patience
    )]
    private static partial Regex MeasuredLength();

    [GeneratedRegex(@"\G(?<count>[0-9]{1,4})[\s-]*str(?:ands?|anded|d)?\b", Options, Patience)]
    private static partial Regex StrandCount();

    [GeneratedRegex(
        @"\G(?:(?:awg|no\.?|\#)\s*\#?\s*(?=[0-9]))?[0-9](?:[0-9]|[.,/](?=[0-9]))*(?:\s*(?:awg|gauge|ga\b|kcmil|mcm|"
            + Square
            + @"))?(?!-?[0-9])",
        Options,
        Patience
    )]
    private static partial Regex AnySize();
}
