namespace Lacet.Core.Landings;

/// <summary>How long a ferruled end is stripped.</summary>
public enum StripForFerrules
{
    /// <summary>Exactly, so that nothing is cut afterwards.</summary>
    Exact,

    /// <summary>Long, crimped, then trimmed flush with the pin.</summary>
    LongThenTrim,
}
