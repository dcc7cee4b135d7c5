<?php

namespace App\Policies;

class ReelPolicy extends StaffDocumentPolicy
{
}
