using Lacet.Core.Jobs;

namespace Lacet.Core.Boards;

/// <summary>A conductor’s end as it leaves its slot, mm.</summary>
/// <param name="WireId">Which wire.</param>
/// <param name="Side">Which of its ends.</param>
/// <param name="X">Where it leaves.</param>
/// <param name="Y">Where it leaves.</param>
/// <param name="ToX">Where the drawing of it stops.</param>
/// <param name="ToY">Where the drawing of it stops.</param>
public sealed record BoardStub(Guid WireId, EndSide Side, double X, double Y, double ToX, double ToY)
{
    internal BoardStub Moved(double dx, double dy) =>
        this with
        {
            X = X + dx,
            Y = Y + dy,
            ToX = ToX + dx,
            ToY = ToY + dy,
        };
}
