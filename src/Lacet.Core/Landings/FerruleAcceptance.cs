namespace Lacet.Core.Landings;

/// <summary>What a landing says about ferrules.</summary>
public enum FerruleAcceptance
{
    /// <summary>Takes them or does without.</summary>
    Allowed,

    /// <summary>Asks for one on stranded conductors.</summary>
    Required,

    /// <summary>Takes them and is made to do without.</summary>
    Unnecessary,

    /// <summary>Takes none.</summary>
    Forbidden,
}
