namespace Lacet.Core.People;

/// <summary>Who does something, as what, and how they showed who they are.</summary>
/// <param name="Person">The person.</param>
/// <param name="Role">As what.</param>
/// <param name="Proof">How they showed it.</param>
/// <param name="IsQualified">Whether their qualification holds today.</param>
/// <param name="Supervisor">Who supervises them today; null where nobody does.</param>
public sealed record Actor(Guid Person, Role Role, Proof Proof, bool IsQualified = true, Guid? Supervisor = null)
{
    /// <summary>Throws where they have not a right, or have not shown enough for it.</summary>
    public void Need(Right right)
    {
        if (Refusal(right) is { } refusal)
        {
            throw new NotAllowedException(refusal);
        }

        if (Proof != Proof.Password && Rights.NeedsPassword(right))
        {
            throw new NotAllowedException($"To {Rights.DisplayName(right)}, type your password.", needsPassword: true);
        }
    }

    /// <summary>Whether they have a right, once they have shown enough for it.</summary>
    public bool May(Right right) => Refusal(right) is null;

    /// <summary>Why they may not, in a sentence; null where they may, once they have shown enough for it.</summary>
    public string? Refusal(Right right) =>
        !Rights.Has(Role, right) ? Rights.Refusal(right)
        : right == Right.SignOff && !IsQualified
            ? "Your qualification has ended. A lead notes the new one before you sign."
        : null;
}
