namespace Lacet.Store;

/// <summary>That somebody is signed in on some screen.</summary>
public sealed record SessionRow
{
    /// <summary>What it is called where sessions are listed; it opens nothing.</summary>
    public required Guid Id { get; init; }

    /// <summary>Who.</summary>
    public required Guid Person { get; init; }

    /// <summary>Their name.</summary>
    public string Name { get; init; } = "";

    /// <summary>As what they work, as a word.</summary>
    public string Role { get; init; } = "";

    /// <summary>The last day of their qualification; null where it does not end.</summary>
    public DateOnly? QualifiedUntil { get; init; }

    /// <summary>Whether they work here no more.</summary>
    public bool Closed { get; init; }

    /// <summary>How they showed who they are, as a word.</summary>
    public required string Proof { get; init; }

    /// <summary>Who supervises them; null where nobody does.</summary>
    public Guid? Supervisor { get; init; }

    /// <summary>The shared tablet that it is on; null for somebody’s own screen.</summary>
    public Guid? Tablet { get; init; }

    /// <summary>When they signed in.</summary>
    public required DateTimeOffset BeganAt { get; init; }

    /// <summary>When they last did something, to the minute.</summary>
    public required DateTimeOffset SeenAt { get; init; }

    /// <summary>From which address of the network.</summary>
    public required string Address { get; init; }

    /// <summary>With which browser, as it says itself.</summary>
    public required string Browser { get; init; }
}
