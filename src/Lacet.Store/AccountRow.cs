namespace Lacet.Store;

/// <summary>Somebody who may work here, as stored.</summary>
public sealed record AccountRow
{
    /// <summary>The person.</summary>
    public required Guid Person { get; init; }

    /// <summary>Their name.</summary>
    public required string Name { get; init; }

    /// <summary>As what they work, as a word.</summary>
    public required string Role { get; init; }

    /// <summary>Their qualification, in their own words; empty where none was said.</summary>
    public string Qualification { get; init; } = "";

    /// <summary>The last day of it; null where it does not end.</summary>
    public DateOnly? QualifiedUntil { get; init; }

    /// <summary>The password’s hash; null where there is none yet.</summary>
    public string? Password { get; init; }

    /// <summary>The PIN’s hash.</summary>
    public string? Pin { get; init; }

    /// <summary>The hash of a code that is good once.</summary>
    public string? Code { get; init; }

    /// <summary>Until when the code is good.</summary>
    public DateTimeOffset? CodeUntil { get; init; }

    /// <summary>Wrong passwords and codes in a row.</summary>
    public int Wrong { get; init; }

    /// <summary>When the last one was typed.</summary>
    public DateTimeOffset? WrongAt { get; init; }

    /// <summary>Wrong PINs in a row.</summary>
    public int WrongPins { get; init; }

    /// <summary>When the last one was typed.</summary>
    public DateTimeOffset? WrongPinAt { get; init; }

    /// <summary>Whether they work here no more.</summary>
    public bool Closed { get; init; }

    /// <summary>Whether their name was erased; they never come back.</summary>
    public bool IsErased { get; init; }
}
