<?php

namespace App\Policies;

class DrillCardPolicy extends StaffDocumentPolicy
{
}
